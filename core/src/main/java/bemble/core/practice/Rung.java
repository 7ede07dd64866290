package bemble.core.practice;

import bemble.core.practice.features.Wishes;

/**
 * One small step of a ladder.
 *
 * @param id its name in files and in the API
 * @param title what it is about
 * @param news what is new in it, in one line
 */
public record Rung(String id, String title, String news, Wishes wishes) {
    /** What it is about with its operation, for wherever it stands outside its ladder: {@code Subtraction: two exchanges}. */
    public String fullTitle() {
        return wishes.operation().title() + ": " + title;
    }
}
