package bemble.core.hand;

import bemble.core.working.Figure;
import java.util.ArrayList;
import java.util.List;

/**
 * Decides by what stands on somebody's paper; where the paper is silent, the hand under it decides. Counts where the
 * paper has something else than that hand would have decided.
 */
public final class ReadingHand implements Hand {
    private final Reading paper;
    private final Hand under;
    private int departures;
    private int facts;
    private int firstMissed = -1;
    private int firstPlace = Question.NO_PLACE;

    public ReadingHand(Reading paper, Hand under) {
        this.paper = paper;
        this.under = under;
    }

    @Override
    public <A> A decide(Question<A> question) {
        boolean fact = question instanceof FactQuestion<A> worked && worked.isWorked();
        A decided;
        A read = question.read(paper);
        boolean departs = false;
        try {
            decided = under.decide(question);
            if (read != null && !read.equals(decided)) {
                decided = read;
                departs = !FreeQuestion.isAllowed(question, read);
            }
        } catch (Stuck stuck) {
            if (read == null) {
                throw stuck;
            }
            decided = read;
            departs = !FreeQuestion.isAllowed(question, read);
        }
        if (departs && departures++ == 0) {
            firstMissed = fact ? facts : facts - 1;
            firstPlace = question.place();
        }
        facts += fact ? 1 : 0;
        return decided;
    }

    /** What the hand under it would write, and what stands there besides as it belongs there. */
    @Override
    public <A> boolean writes(Question<A> question, A answer) {
        return under.writes(question, answer) || question.belongs(answer) && stands(question, answer);
    }

    private <A> boolean stands(Question<A> question, A answer) {
        List<Figure> ink = new ArrayList<>(2);
        question.ink(answer, ink::add);
        return ink.stream().anyMatch(figure -> figure.isFull() && paper.at(figure.at(), figure.anchor()) != null);
    }

    /** How often the paper had something else than the hand under it would have decided. */
    public int departures() {
        return departures;
    }

    /** The fact, counted from 0, that was worked last when the paper first departed; -1 where there was none. */
    public int firstMissed() {
        return firstMissed;
    }

    /** The column in which the paper first departed; {@link Question#NO_PLACE} where that was in none. */
    public int firstPlace() {
        return firstPlace;
    }
}
