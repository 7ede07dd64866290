package bemble.server.web;

import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.media.StringSchema;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.module.SimpleModule;

/** Reads and writes a problem as its line of text, numbers with a point: {@code 12.5 + 3}. */
@Configuration
class ProblemJson {
    @Bean
    JacksonModule problemsAsText() {
        SimpleModule module = new SimpleModule("problems as text");
        module.addSerializer(Problem.class, new ValueSerializer<Problem>() {
            @Override
            public void serialize(Problem problem, JsonGenerator json, SerializationContext context) {
                json.writeString(problem.text());
            }
        });
        module.addDeserializer(Problem.class, new ValueDeserializer<Problem>() {
            @Override
            public Problem deserialize(JsonParser parser, DeserializationContext context) {
                return ProblemText.kept(parser.getValueAsString(""));
            }
        });
        return module;
    }

    @Bean
    ModelConverter problemsDescribedAsText() {
        return (type, context, others) -> {
            Class<?> raw =
                    type.getType() == null ? Object.class : Json.mapper().constructType(type.getType()).getRawClass();
            if (Problem.class.isAssignableFrom(raw)) {
                return new StringSchema();
            }
            return others.hasNext() ? others.next().resolve(type, context, others) : null;
        };
    }
}
