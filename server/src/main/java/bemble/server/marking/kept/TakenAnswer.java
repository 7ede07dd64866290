package bemble.server.marking.kept;

import org.jspecify.annotations.Nullable;

/**
 * An answer that was written.
 *
 * @param given what stands there; empty where the paper is empty
 * @param unclear whether what stands there could not be read
 * @param slip the slip that fits the paper; null where none does, or the paper is right
 * @param marksGiven the marks that the paper got, and of how many; null where the house style gives none
 */
public record TakenAnswer(int question, String given, boolean unclear, @Nullable String slip,
        @Nullable Integer marksGiven, @Nullable Integer marksOf) {}
