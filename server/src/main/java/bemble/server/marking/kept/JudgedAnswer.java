package bemble.server.marking.kept;

import bemble.server.ids.PupilId;
import org.jspecify.annotations.Nullable;

/**
 * An answer with how it was judged, to be put into a new pile as it is.
 *
 * @param presumed the likeliest slip, or null
 * @param fact the fact that may have been missed, or null
 */
public record JudgedAnswer(PupilId pupilId, int question, AnswerState state, String given, String correction,
        String how,
        @Nullable String cause, AnswerVerdict verdict,
        @Nullable String presumed, @Nullable String fact) {}
