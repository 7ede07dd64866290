package bemble.server.sets.printed;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.concurrent.ThreadPoolTaskExecutor;

/** The threads that prints are written by. */
@Configuration
class PrinterThreads {
    @Bean
    ThreadPoolTaskExecutor printers() {
        ThreadPoolTaskExecutor printers = new ThreadPoolTaskExecutor();
        printers.setThreadNamePrefix("printer-");
        printers.setCorePoolSize(PrintJobs.AT_ONCE);
        printers.setMaxPoolSize(PrintJobs.AT_ONCE);
        printers.setDaemon(true);
        // At the end of the program a print is not waited for: it is interrupted at its next page.
        printers.setWaitForTasksToCompleteOnShutdown(false);
        return printers;
    }
}
