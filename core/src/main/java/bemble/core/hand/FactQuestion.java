package bemble.core.hand;

import java.math.BigInteger;
import org.jspecify.annotations.Nullable;

/**
 * A question whose answer is a fact that one knows or works out, and can miss by a little.
 *
 * @param <A> the kind of number
 */
public interface FactQuestion<A> extends Question<A> {
    /**
     * An answer missed by one group, too much or too little: 1 for a sum, one factor for a product.
     *
     * @param by 1 or -1
     * @return null where that would be below 0
     */
    @Nullable
    A missed(A decided, int by);

    /** So many groups beside what was decided; null where that would be below 0. */
    static @Nullable BigInteger beside(BigInteger decided, BigInteger group, int by) {
        BigInteger missed = decided.add(group.multiply(BigInteger.valueOf(by)));
        return missed.signum() < 0 ? null : missed;
    }

    /**
     * The fact as one learns it, such as {@code 7x8}, {@code 8+5} or {@code 13-6}: the smaller factor first, the larger
     * addend first; null where it is no such fact.
     */
    default @Nullable String fact() {
        return null;
    }

    /** Whether it is a fact at all that somebody works; adding nothing is none. */
    default boolean isWorked() {
        return true;
    }
}
