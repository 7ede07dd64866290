package bemble.server.ids;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;

/** Which filled pages that were brought in together: a number in addresses and files. */
public record ScanId(@JsonValue long value) {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public ScanId {}

    /** As it stands in an address. */
    public static ScanId valueOf(String digits) {
        return new ScanId(Long.parseLong(digits));
    }

    @Override
    public String toString() {
        return Long.toString(value);
    }
}
