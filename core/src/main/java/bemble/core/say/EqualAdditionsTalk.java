package bemble.core.say;

import bemble.core.style.HouseStyle;
import bemble.core.working.Spoken;

/** What is said while one number is taken from another by equal additions; the word “borrow” has no place here. */
public final class EqualAdditionsTalk {
    private final Words words;
    private final SubtractionTalk subtraction;

    public EqualAdditionsTalk(HouseStyle style) {
        this.words = new Words(style);
        this.subtraction = new SubtractionTalk(style);
    }

    /** Ten are added above and one of the next place below. */
    public Spoken addTen(int place, int top, int bottom) {
        return new Spoken(words.title(place), "+ 10 " + words.places(place) + " above, + 1 " + words.one(place + 1)
                + " below",
                "Only " + words.count(top, place) + " here, and " + words.count(bottom, place)
                        + (bottom == 1 ? " goes" : " go") + " away. Add 10 " + words.places(place) + " above and 1 "
                        + words.one(place + 1) + " below: the difference stays. Now there are "
                        + words.count(top + 10, place) + ".",
                words.title(place) + ": " + words.count(top, place) + ", and " + words.count(bottom, place)
                        + " to take away. What is added above, and what below?");
    }

    /** A column is subtracted. */
    public Spoken column(int place, int top, int bottom, int payBack, int digit, boolean nothingLeft) {
        String away = payBack == 0 ? words.count(bottom, place)
                : bottom + " and " + payBack + " more, " + words.count(bottom + payBack, place) + ",";
        return new Spoken(words.title(place), top + " − " + (bottom + payBack) + " = " + digit,
                words.title(place) + ": " + words.count(top, place) + " " + words.takeAway() + " " + away + " leaves "
                        + words.count(digit, place) + ". " + subtraction.written(place, digit, nothingLeft),
                words.title(place) + ": " + words.count(top, place) + " " + words.takeAway() + " "
                        + (payBack == 0 ? words.count(bottom, place) : bottom + " and " + payBack + " more")
                        + ". What is left?");
    }
}
