package bemble.server.classes;

import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;

/**
 * A class with its pupils in the order of the list.
 *
 * @param revision how often its list was changed
 */
public record SchoolClass(@NotNull ClassId id, @NotNull String name, @NotNull List<Pupil> pupils,
        @NotNull int revision) {
    /** The class with these pupils alone. */
    public SchoolClass with(List<Pupil> others) {
        return new SchoolClass(id, name, others, revision);
    }

    /** The pupil of that number; nothing where somebody else is meant. */
    public Optional<Pupil> pupil(PupilId pupilId) {
        return pupils.stream().filter(pupil -> pupil.id().equals(pupilId)).findFirst();
    }
}
