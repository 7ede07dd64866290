package bemble.server.ids;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.io.Serializable;

/** Which session at screens: a number in addresses and files. */
public record SessionId(@JsonValue long value) implements Serializable {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public SessionId {}

    /** As it stands in an address. */
    public static SessionId valueOf(String digits) {
        return new SessionId(Long.parseLong(digits));
    }

    @Override
    public String toString() {
        return Long.toString(value);
    }
}
