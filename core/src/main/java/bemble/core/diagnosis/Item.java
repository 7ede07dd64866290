package bemble.core.diagnosis;

/**
 * An answer that a writer gave.
 *
 * @param given as it stands there
 */
public record Item(Answers answers, String given) {}
