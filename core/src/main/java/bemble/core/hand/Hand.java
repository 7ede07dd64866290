package bemble.core.hand;

/**
 * The one who writes: decides every small thing that a method asks. A slip is laid over another hand, so {@code
 * slip.over(Hand.CAREFUL)} decides like the careful one but for the rule that it breaks.
 */
public interface Hand {
    /** A hand that decides everything rightly. */
    Hand CAREFUL = new Hand() {
        @Override
        public <A> A decide(Question<A> question) {
            A answer = question.careful();
            if (answer == null) {
                throw new Stuck("no careful hand gets to " + question);
            }
            return answer;
        }

        @Override
        public <A> boolean writes(Question<A> question, A answer) {
            return question.belongs(answer);
        }
    };

    /** @throws Stuck where this hand cannot go on */
    <A> A decide(Question<A> question);

    /** Whether the answer decided is put on the paper. */
    <A> boolean writes(Question<A> question, A answer);
}
