package bemble.server.classes;

import bemble.server.ids.PupilId;
import jakarta.validation.constraints.NotNull;

/**
 * A pupil: a short name is all that is kept.
 *
 * @param name such as {@code Ida M}
 */
public record Pupil(@NotNull PupilId id, @NotNull String name) {}
