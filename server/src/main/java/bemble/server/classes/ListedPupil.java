package bemble.server.classes;

import bemble.server.ids.PupilId;
import bemble.server.limits.Limits;
import com.fasterxml.jackson.annotation.JsonCreator;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * A line of a class's list.
 *
 * @param id whose line it is; left out where a name was only typed or pasted, and then it is compared with who is known
 * @param name the short name that stands there; a blank line is nobody
 * @param newcomer whether it is somebody new, though a name like it is known or somebody leaves
 */
public record ListedPupil(@Nullable PupilId id,
        @Size(max = Limits.TYPED_NAME_LETTERS, message = "This is too long for a short name.") @Nullable String name,
        @Nullable Boolean newcomer) {
    /** A name alone, as it stands in a pasted list. */
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    public static ListedPupil named(String name) {
        return new ListedPupil(null, name, null);
    }

    /** Without this the form of names alone would hide the whole one. */
    @JsonCreator(mode = JsonCreator.Mode.PROPERTIES)
    public ListedPupil {}

    boolean isNewcomer() {
        return Boolean.TRUE.equals(newcomer);
    }
}
