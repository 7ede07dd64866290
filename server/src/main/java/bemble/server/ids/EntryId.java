package bemble.server.ids;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/** Which entry of the log: a number in addresses and files. */
public record EntryId(@JsonValue long value) {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public EntryId {}

    /** As it stands in an address. */
    public static EntryId valueOf(String digits) {
        return new EntryId(Long.parseLong(digits));
    }

    @Override
    public String toString() {
        return Long.toString(value);
    }
}
