package bemble.server.marking.taken;

import bemble.core.problem.Problem;
import bemble.server.ids.PupilId;
import org.jspecify.annotations.Nullable;
/**
 * An answer of the past, from a file.
 *
 * @param cause what a teacher decided where it is confirmed, else what was presumed; null where nothing is known
 * @param fact the fact missed where the cause is one
 */
public record PastAnswer(PupilId pupilId, PastPile pile, int question, Problem problem, boolean right, String given,
        String correction, boolean alone, @Nullable String cause, boolean confirmed, @Nullable String fact) {}
