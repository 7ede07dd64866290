package bemble.server.classes;

import jakarta.validation.constraints.NotNull;
import java.util.List;

/**
 * A line of a list of which nobody can tell whose it is: somebody new, or one of these.
 *
 * @param line its number in the list, from 0
 * @param candidates who leaves the class with this list, or was in it under this name before
 */
public record WhoIsMeant(@NotNull int line, @NotNull String name, @NotNull List<Pupil> candidates) {}
