package bemble.server.sets;

import bemble.core.practice.Stories;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;

/** The stories that ship. */
@Configuration
class StoryPlots {
    @Bean
    Stories stories() throws IOException {
        return new Stories(
                new ClassPathResource("bemble/core/practice/plots.txt").getContentAsString(StandardCharsets.UTF_8));
    }
}
