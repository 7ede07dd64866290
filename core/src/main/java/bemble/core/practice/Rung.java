package bemble.core.practice;

import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Wishes;

/**
 * One small step of a ladder.
 *
 * @param id its name in files and in the API
 * @param title what it is about
 * @param plainWords the same for somebody who never taught, to follow “Ines can …” or “… practises …”: {@code taking away when a ten
 *     has to be exchanged for ones}
 * @param news what is new in it, in one line
 * @param wishes what is drawn for it
 * @param holds which questions stand on it, if no later rung holds them too: what is drawn for it, and what a teacher sets by hand
 */
public record Rung(String id, String title, String plainWords, String news, Wishes wishes, Wishes holds) {
    private static final long SEED = 3;

    /** A question that stands on it, always the same. */
    public FeaturedProblem example() {
        return new Draft(wishes, SEED).draw(1).get(0);
    }

    /** What it is about with its operation, for wherever it stands outside its ladder: {@code Subtraction: two exchanges}. */
    public String fullTitle() {
        return wishes.operation().title() + ": " + title;
    }

    /** The same where there is little room: {@code − two exchanges}. */
    public String shortTitle() {
        return wishes.operation().sign() + " " + title;
    }
}
