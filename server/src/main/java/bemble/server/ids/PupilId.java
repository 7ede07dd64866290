package bemble.server.ids;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.io.Serializable;

/** Which pupil: a number in addresses and files, and in Java nothing that a class's or a pile's number could be taken for. */
public record PupilId(@JsonValue long value) implements Comparable<PupilId>, Serializable {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public PupilId {}

    /** As it stands in an address. */
    public static PupilId valueOf(String digits) {
        return new PupilId(Long.parseLong(digits));
    }

    @Override
    public int compareTo(PupilId other) {
        return Long.compare(value, other.value);
    }

    @Override
    public String toString() {
        return Long.toString(value);
    }
}
