package bemble.server.web;

import java.util.function.Function;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;

/** Writes a value as a text. */
final class AsText<V> extends ValueSerializer<V> {
    private final Function<V, String> text;

    AsText(Function<V, String> text) {
        this.text = text;
    }

    @Override
    public void serialize(V value, JsonGenerator json, SerializationContext context) {
        json.writeString(text.apply(value));
    }
}
