package bemble.server.classes;

import bemble.server.ids.PupilId;
import jakarta.validation.constraints.NotNull;
import java.time.OffsetDateTime;

/** Somebody who was taken out of a class; what they did is kept, and they can come back. */
public record FormerPupil(@NotNull PupilId id, @NotNull String name, @NotNull OffsetDateTime leftAt) {}
