package bemble.server.ids;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/** Which set of questions: a number in addresses and files. */
public record SetId(@JsonValue long value) {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public SetId {}

    /** As it stands in an address. */
    public static SetId valueOf(String digits) {
        return new SetId(Long.parseLong(digits));
    }

    @Override
    public String toString() {
        return Long.toString(value);
    }
}
