package bemble.core.hand;

/**
 * The one who writes: decides every small thing that a method asks. The decisions given in the interfaces are the
 * careful ones; a slip is a hand that decides one of them otherwise.
 */
public interface Hand extends AddingHand, SubtractingHand, MultiplyingHand, DividingHand {
    /** A hand that decides everything rightly. */
    Hand CAREFUL = new Hand() {};

    /**
     * What is done with a problem.
     *
     * @param asked the problem and the way that were asked for
     */
    default Procedure procedure(Procedure asked) {
        return asked;
    }
}
