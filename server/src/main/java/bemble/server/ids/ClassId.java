package bemble.server.ids;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/** Which class: a number in addresses and files. */
public record ClassId(@JsonValue long value) {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public ClassId {}

    /** As it stands in an address. */
    public static ClassId valueOf(String digits) {
        return new ClassId(Long.parseLong(digits));
    }

    @Override
    public String toString() {
        return Long.toString(value);
    }
}
