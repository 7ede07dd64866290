package bemble.core.hand.slipped;

import bemble.core.hand.ChosenMethod;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.style.HouseStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Where somebody makes a slip who does not make it everywhere: the same for all that they write. */
public enum Limit {
    FIRST("first", ", only where it comes first"),
    NOT_FIRST("not-first", ", but not where it comes first"),
    LAST("last", ", only where it comes last"),
    ONES("ones", ", only in the ones column"),
    TENS("tens", ", only in the tens column"),
    HUNDREDS("hundreds", ", only in the hundreds column");

    private final String id;
    private final String words;

    Limit(String id, String words) {
        this.id = id;
        this.words = words;
    }

    /** Its name in the text of a rule. */
    public String id() {
        return id;
    }

    /** To follow what a hand does. */
    public String words() {
        return words;
    }

    /** The limit of that name. */
    public static Optional<Limit> find(String id) {
        return Arrays.stream(values()).filter(limit -> limit.id.equals(id)).findFirst();
    }

    /** A slip under this limit, wherever it is made. */
    public Slip on(Slip slip) {
        return switch (this) {
            case ONES -> slip.at(0);
            case TENS -> slip.at(1);
            case HUNDREDS -> slip.at(2);
            case FIRST, NOT_FIRST, LAST -> Slip.in(chosen -> on(slip, places(slip, chosen)));
        };
    }

    /** @param places where it is made without a limit, in the order of writing */
    private Slip on(Slip slip, List<Integer> places) {
        if (places.isEmpty()) {
            return slip;
        }
        return switch (this) {
            case FIRST -> slip.at(places.get(0));
            case NOT_FIRST -> slip.notAt(places.get(0));
            default -> slip.at(places.get(places.size() - 1));
        };
    }

    private static List<Integer> places(Slip slip, ChosenMethod chosen) {
        return Written.asFarAs(slip.over(Hand.CAREFUL), chosen.problem(), chosen.asked(), HouseStyle.USUAL, false)
                .brokenPlaces();
    }
}
