package bemble.server.web;

import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import bemble.server.limits.Limits;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.module.SimpleModule;

/** Reads and writes a problem as its line of text, numbers with a point: {@code 12.5 + 3}. */
@Configuration
class ProblemJson {
    static {
        SpringDocUtils.getConfig().replaceWithClass(Problem.class, String.class);
    }

    @Bean
    JacksonModule problemsAsText() {
        SimpleModule module = new SimpleModule("problems as text");
        module.addSerializer(Problem.class, new AsText<>(Problem::text));
        module.addDeserializer(Problem.class, new ValueDeserializer<Problem>() {
            @Override
            public Problem deserialize(JsonParser parser, DeserializationContext context) {
                String text = parser.getValueAsString("");
                if (text.length() > Limits.PROBLEM_LETTERS) {
                    throw Refusal.of("problem", "This problem is too long.");
                }
                return ProblemText.kept(text);
            }
        });
        return module;
    }
}
