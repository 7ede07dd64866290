package bemble.core.plan;

import bemble.core.problem.Coded;
import bemble.core.progress.Place;
import bemble.core.progress.SecureRule;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * Why a pupil has a sheet: said of that pupil alone, from what they have answered.
 *
 * @param need what the pupil needs on the sheet's rung; of one who does not need it, what the sheet is for
 * @param catchesUp whether the pupil was away when the class worked on it: they are shown first how it is worked
 * @param because in a few words
 */
public record Seat(long pupil, Why why, Need need, boolean catchesUp, String because) {
    /** How many questions of the sheet show whether it was understood. */
    private static final int TO_CATCH_UP = SecureRule.USUAL.retry();

    /** What brings a pupil to a sheet. */
    public enum Why implements Coded {
        /** Their own answers ask for it. */
        NEEDS,
        /** They can do it already. */
        JOINS,
        /** Nothing in the record says so: the teacher does. */
        CHOSEN
    }

    private static final String CATCHING_UP =
            "away when the class worked on it: first how it is worked, then "
                    + TO_CATCH_UP + " questions";

    private static final String ONCE_MORE = "; once more, since one good day is not enough";

    /**
     * @param topics the ids of rungs in the teacher's order
     * @param before whether the pupil has had that rung in this week before
     */
    public static Seat of(Need sheet, PlannedPupil pupil, List<String> topics, boolean before) {
        Optional<Need> own = Need.withNext(pupil, topics).stream().filter(need -> need.rung().equals(sheet.rung()))
                .min((one, other) -> Boolean.compare(one.kind() != sheet.kind(), other.kind() != sheet.kind()));
        Place place = pupil.on(sheet.rung());
        if (own.isPresent()) {
            boolean catchesUp =
                    !before && own.get().kind() == Need.Kind.NEXT && place.of() == 0
                            && pupil.missed().contains(sheet.rung());
            boolean onceMore = before && own.get().kind() != Need.Kind.RETRY && own.get().kind() != Need.Kind.EXTEND;
            return new Seat(pupil.id(), Why.NEEDS, own.get(), catchesUp,
                    catchesUp ? CATCHING_UP : because(own.get(), place) + (onceMore ? ONCE_MORE : ""));
        }
        String can = place.state().isReached() ? "secure here" : place.movesOn() ? "passed the quiz here"
                : Need.canDoHarder(pupil, sheet.rung(), topics) ? "something harder is secure"
                        : Need.canJoin(pupil, sheet.rung(), topics)
                                ? right(place) + " here, at work on something harder" : "";
        return can.isEmpty() ? new Seat(pupil.id(), Why.CHOSEN, sheet, false, "here on your word")
                : new Seat(pupil.id(), Why.JOINS, sheet, false, can + ": keeps it warm, explains to a neighbour");
    }

    private static String because(Need need, Place place) {
        return switch (need.kind()) {
            case AGAIN -> (need.slip() == null ? "" : "“" + need.slipName() + "” more than once, ") + right(place);
            case QUIZ -> Objects.requireNonNull(place.quiz()).right() + " of " + place.quiz().of() + " in the quiz, "
                    + place.quiz().passMark() + " wanted"
                    + (need.slip() == null ? "" : "; “" + need.slipName() + "” seen");
            case RETRY -> (place.state().isReached() ? "was secure" : "passed the quiz a while ago")
                    + ": is it still there?";
            case NEXT -> place.of() == 0 ? "nothing answered here yet" : right(place) + " so far";
            case EXTEND -> "the last step in your order is secure or passed, and nothing before it goes wrong";
        };
    }

    private static String right(Place place) {
        return place.right() + " of " + place.of() + " right";
    }
}
