package bemble.server.scan;

import bemble.core.scan.FigureNet;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Lazy;
import org.springframework.core.io.ClassPathResource;

/** The net that reads figures, with the weights that ship; read when the first page is. */
@Configuration
class ReadingNet {
    @Bean
    @Lazy
    FigureNet figureNet() {
        try {
            return FigureNet.of(new ClassPathResource("/bemble/core/scan/figures.net").getContentAsByteArray());
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        }
    }
}
