package bemble.core.hand;

import java.util.function.Supplier;

/**
 * What a working came to.
 *
 * @param record made from the decisions when it is read
 */
public record Outcome(Answer answer, Supplier<? extends WorkRecord> record) {}
