package bemble.server.work;

import bemble.core.multiplication.rows.LongMultiplicationRecord;
import bemble.core.stack.adding.ColumnRecord;
import com.fasterxml.jackson.annotation.JsonInclude;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How records are written as JSON: fields that do not apply are left out, but a product's missing sum is null. */
@Configuration
class RecordJson {
    interface SumStays {
        @JsonInclude(JsonInclude.Include.ALWAYS)
        ColumnRecord sum();
    }

    @Bean
    JsonMapperBuilderCustomizer recordsAsTheContractHasThem() {
        return builder -> builder.addMixIn(LongMultiplicationRecord.class, SumStays.class);
    }
}
