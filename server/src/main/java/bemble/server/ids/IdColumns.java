package bemble.server.ids;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How each id stands in tables. */
@Configuration
class IdColumns {
    @Bean
    IdColumn<TeacherId> teacherIds() {
        // A class of its own, since the type of a column is read off its class.
        return new IdColumn<>(TeacherId::new, TeacherId::value) {};
    }
}
