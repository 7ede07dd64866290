package bemble.server.load;

import bemble.server.faults.TooMany;
import bemble.server.limits.Limits;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.BeanProperty;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.JacksonModule;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.deser.ValueDeserializerModifier;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.type.CollectionType;
import tools.jackson.databind.type.MapType;

/**
 * Stops reading a list of a request as soon as it has more elements than its {@link Size} allows, so that nobody fills the
 * memory with elements that are refused afterwards. Here is the one place that does so, for every list there is.
 */
@Configuration
class ListLimits {
    @Bean
    JacksonModule listsAreLimitedWhileTheyAreRead() {
        return new SimpleModule("limited lists").setDeserializerModifier(new ValueDeserializerModifier() {
            @Override
            public ValueDeserializer<?> modifyCollectionDeserializer(DeserializationConfig config, CollectionType type,
                    BeanDescription.Supplier description, ValueDeserializer<?> deserializer) {
                return List.class.isAssignableFrom(type.getRawClass())
                        ? new LimitedList(type, deserializer, Limits.LIST, null) : deserializer;
            }

            @Override
            public ValueDeserializer<?> modifyMapDeserializer(DeserializationConfig config, MapType type,
                    BeanDescription.Supplier description, ValueDeserializer<?> deserializer) {
                return type.getRawClass() == Map.class ? new LimitedList(type, deserializer, Limits.LIST, null)
                        : deserializer;
            }
        });
    }

    /** Reads a list, or an object of named values, into one that takes no more than its field does. */
    private static final class LimitedList extends ValueDeserializer<Object> {
        private final JavaType type;
        private final ValueDeserializer<?> all;
        private final int most;
        private final @Nullable String message;

        LimitedList(JavaType type, ValueDeserializer<?> all, int most, @Nullable String message) {
            this.type = type;
            this.all = all;
            this.most = most;
            this.message = message;
        }

        @Override
        public ValueDeserializer<?> createContextual(DeserializationContext context, BeanProperty property) {
            // A list that is no field is one that we have stored ourselves.
            Size size = property == null ? null : property.getAnnotation(Size.class);
            int limit = property == null ? Integer.MAX_VALUE : size == null ? Limits.LIST : size.max();
            return new LimitedList(type, context.handleSecondaryContextualization(all, property, type), limit,
                    size == null ? null : size.message());
        }

        @Override
        @SuppressWarnings("unchecked")
        public Object deserialize(JsonParser parser, DeserializationContext context) {
            if (type.isMapLikeType() && parser.hasToken(JsonToken.START_OBJECT)) {
                return ((ValueDeserializer<Map<Object, Object>>) all).deserialize(parser, context,
                        new LimitedNames(most, message));
            }
            return parser.hasToken(JsonToken.START_ARRAY)
                    ? ((ValueDeserializer<Collection<Object>>) all).deserialize(parser, context,
                            new Limited(most, message))
                    : all.deserialize(parser, context);
        }
    }

    private static final class Limited extends ArrayList<Object> {
        private final int most;
        private final @Nullable String message;

        Limited(int most, @Nullable String message) {
            super(4);
            this.most = most;
            this.message = message;
        }

        @Override
        public boolean add(Object element) {
            requireRoom(size(), most, message);
            return super.add(element);
        }
    }

    private static final class LimitedNames extends LinkedHashMap<Object, Object> {
        private final int most;
        private final @Nullable String message;

        LimitedNames(int most, @Nullable String message) {
            this.most = most;
            this.message = message;
        }

        @Override
        public Object put(Object name, Object value) {
            requireRoom(size(), most, message);
            return super.put(name, value);
        }
    }

    private static void requireRoom(int size, int most, @Nullable String message) {
        if (size >= most) {
            throw new TooMany(message == null || message.startsWith("{")
                    ? "This list has more than " + most + " entries. Send fewer at once."
                    : message.replace("{max}", Integer.toString(most)));
        }
    }
}
