package bemble.core.diagnosis;

import bemble.core.diagnosis.Judged.Verdict;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.style.HouseStyle;
import java.util.Set;

/** What is right for a problem, however it is given; known at once, without trying what other hands come to. */
public final class RightAnswer {
    private final String key;
    private final Set<String> right;

    private RightAnswer(Written careful) {
        this.key = GivenAnswer.of(careful.answer()).key();
        String rounded = careful.answer().rounded();
        this.right = rounded == null ? Set.of(key) : Set.of(key, rounded.equals(careful.answer().value()) ? key + "." : rounded);
    }

    /** Works out what is right. */
    public static RightAnswer of(Problem problem, Method<?> method) {
        return of(Written.answerBy(Hand.CAREFUL, problem, method, HouseStyle.USUAL));
    }

    static RightAnswer of(Written careful) {
        return new RightAnswer(careful);
    }

    /** What an answer is, without looking for what fits it. */
    public Verdict verdict(String given, Punctuation punctuation) {
        return GivenAnswer.read(given, punctuation)
                .map(read -> is(read.key()) ? Verdict.CORRECT : Verdict.WRONG).orElse(Verdict.UNREADABLE);
    }

    boolean is(String other) {
        return right.contains(other);
    }

    String key() {
        return key;
    }
}
