package bemble.server.marking.kept;

/**
 * An answer with how it was judged, to be put into a new pile as it is.
 *
 * @param state right, given or blank
 * @param verdict right, wrong or blank
 * @param presumed the likeliest slip, or null
 * @param fact the fact that may have been missed, or null
 */
public record JudgedAnswer(long pupilId, int question, String state, String given, String correction, String how, String cause, String verdict,
                    String presumed, String fact) {}
