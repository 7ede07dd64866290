package bemble.core.diagnosis;

/**
 * A slip, or two together, as the cause of several answers of one writer.
 *
 * @param with the second slip's name where there are two, or null
 * @param explains how many of the wrong answers it explains
 * @param of how many answers were wrong
 * @param chances on how many questions it would have changed the answer
 * @param confidence how likely it is, from 0 to 1, under the stated model
 * @param say what it rests on, in a teacher's words
 */
public record Cause(String slip, String with, int explains, int of, int chances, double confidence, String say) {}
