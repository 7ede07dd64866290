package bemble.core.problem;

/**
 * One thing wrong with what was asked.
 *
 * @param field the field it belongs to, such as {@code problem}
 * @param message what is wrong and what to do, in a teacher's words
 */
public record Fault(String field, String message) {}
