package bemble.server.classes;

import jakarta.validation.constraints.NotNull;

/**
 * A pupil: a short name is all that is kept.
 *
 * @param name such as {@code Ida M}
 */
public record Pupil(@NotNull long id, @NotNull String name) {}
