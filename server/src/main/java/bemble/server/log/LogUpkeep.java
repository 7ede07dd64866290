package bemble.server.log;

import bemble.server.storage.DiskFull;
import java.time.Clock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Tidies the log at each start. */
@Configuration
class LogUpkeep {
    private static final Logger LOG = LoggerFactory.getLogger(LogUpkeep.class);

    @Bean
    Clock clock() {
        return Clock.systemDefaultZone();
    }

    @Bean
    ApplicationRunner purgeOldDeletions(LogService log) {
        return (ApplicationArguments arguments) -> {
            try {
                log.purge();
            } catch (DiskFull later) {
                LOG.warn("There is no room to tidy the log; it is tidied at the next start");
            }
        };
    }
}
