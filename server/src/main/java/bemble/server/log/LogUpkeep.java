package bemble.server.log;

import java.time.Clock;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Tidies the log at each start. */
@Configuration
class LogUpkeep {
    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }

    @Bean
    ApplicationRunner purgeOldDeletions(LogService log) {
        return (ApplicationArguments arguments) -> log.purge();
    }
}
