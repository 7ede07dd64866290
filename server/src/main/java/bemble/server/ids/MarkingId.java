package bemble.server.ids;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/** Which pile of papers that is marked: a number in addresses and files. */
public record MarkingId(@JsonValue long value) {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public MarkingId {}

    /** As it stands in an address. */
    public static MarkingId valueOf(String digits) {
        return new MarkingId(Long.parseLong(digits));
    }

    @Override
    public String toString() {
        return Long.toString(value);
    }
}
