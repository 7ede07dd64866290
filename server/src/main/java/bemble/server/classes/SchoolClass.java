package bemble.server.classes;

import jakarta.validation.constraints.NotNull;
import java.util.List;

/** A class with its pupils in the order of the list. */
public record SchoolClass(@NotNull long id, @NotNull String name, @NotNull List<Pupil> pupils) {}
