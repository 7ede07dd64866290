package bemble.core.hand;

/** Decides by what stands on somebody's paper; where the paper is silent, the hand under it decides. */
public record ReadingHand(Reading paper, Hand under) implements Hand {
    @Override
    public <A> A decide(Question<A> question) {
        A read = question.read(paper);
        return read == null ? under.decide(question) : read;
    }

    @Override
    public <A> boolean writes(Question<A> question, A answer) {
        return under.writes(question, answer);
    }
}
