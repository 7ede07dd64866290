package bemble.server.web;

import bemble.core.problem.Coded;
import bemble.core.problem.Operation;
import bemble.core.problem.Refusal;
import java.util.Arrays;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.module.SimpleModule;

/** Reads and writes what is one of a few by its name; what is none of them is refused with those there are. */
@Configuration
class CodedJson {
    @Bean
    JacksonModule enumsByTheirNames() {
        SimpleModule module = new SimpleModule("names of enums");
        module.addSerializer(Coded.class, new AsText<>(Coded::id));
        module.setDeserializerModifier(new ValueDeserializerModifier() {
            @Override
            public ValueDeserializer<?> modifyEnumDeserializer(DeserializationConfig config, JavaType type,
                    BeanDescription.Supplier description, ValueDeserializer<?> usual) {
                return Coded.class.isAssignableFrom(type.getRawClass()) ? new ByName(type.getRawClass()) : usual;
            }
        });
        return module;
    }

    private static final class ByName extends ValueDeserializer<Object> {
        private final Class<?> type;

        ByName(Class<?> type) {
            this.type = type;
        }

        @Override
        public Object deserialize(JsonParser parser, DeserializationContext context) {
            String name = parser.getValueAsString("");
            if (type == Operation.class) {
                return Operation.of(name);
            }
            return choices(type).filter(each -> each.id().equals(name)).findFirst().orElseThrow(() -> Refusal.of(
                    String.valueOf(parser.currentName()), "“" + name + "” is none of these: "
                            + choices(type).map(Coded::id).collect(Collectors.joining(", ")) + "."));
        }
    }

    /** The constants of an enum by their names. */
    static Stream<Coded> choices(Class<?> type) {
        return Arrays.stream(type.getEnumConstants()).map(Coded.class::cast);
    }
}
