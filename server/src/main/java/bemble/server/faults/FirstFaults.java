package bemble.server.faults;

import jakarta.validation.ConstraintViolation;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.validation.Errors;
import org.springframework.validation.beanvalidation.LocalValidatorFactoryBean;

/** Tells the first faults of a request and no more: who sends thousands needs no list of them, and it would take long to make. */
@Configuration
class FirstFaults {
    /** One more than is told, so that it is seen that there are more. */
    private static final int MOST = FaultResponse.MOST_FAULTS + 1;

    @Bean
    @Primary
    LocalValidatorFactoryBean validator() {
        return new LocalValidatorFactoryBean() {
            @Override
            protected void processConstraintViolations(Set<ConstraintViolation<Object>> violations, Errors errors) {
                super.processConstraintViolations(violations.size() <= MOST ? violations : violations.stream()
                        .sorted(Comparator.comparing(violation -> violation.getPropertyPath().toString())).limit(MOST)
                        .collect(Collectors.toCollection(LinkedHashSet::new)), errors);
            }
        };
    }
}
