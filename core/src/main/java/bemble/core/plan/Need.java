package bemble.core.plan;

import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.progress.Rule;
import bemble.core.progress.Standing;
import bemble.core.slip.Slips;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * What a pupil should do: a rung that comes back, one that comes again for a slip or after a quiz, or the next one.
 *
 * @param slip the slip for which a rung comes again, or null; after a quiz the one that was seen in it
 */
public record Need(Kind kind, String rung, String slip) {
    private static final int NEXT_QUESTIONS = 10;

    /** Why something is to be done; what comes back is not to be forgotten, so it comes first. */
    public enum Kind {
        RETRY, AGAIN, QUIZ, NEXT;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /**
     * What a pupil needs, following the teacher's order of topics: nobody goes past a rung whose slip still shows.
     *
     * @param topics the ids of rungs in the teacher's order
     */
    static List<Need> of(PlannedPupil pupil, List<String> topics) {
        List<Need> needs = new ArrayList<>();
        pupil.standings().forEach((rung, standing) -> {
            if (standing.due()) {
                needs.add(new Need(Kind.RETRY, rung, null));
            }
        });
        for (String rung : topics) {
            Standing standing = pupil.on(rung);
            if (standing.shows() != null) {
                needs.add(new Need(Kind.AGAIN, rung, standing.shows()));
                return needs;
            }
            if (standing.quiz() != null && !standing.quiz().isPassed()) {
                needs.add(new Need(Kind.QUIZ, rung, standing.quiz().slip()));
                return needs;
            }
            if (!standing.movesOn()) {
                needs.add(new Need(Kind.NEXT, rung, null));
                return needs;
            }
        }
        return needs;
    }

    /** How many questions a sheet for it has. */
    public int questions() {
        return switch (kind) {
            case RETRY -> Rule.USUAL.retry();
            case AGAIN, QUIZ -> Rule.USUAL.again();
            case NEXT -> NEXT_QUESTIONS;
        };
    }

    /** Why it comes, in a sentence. */
    public String reason() {
        Rung step = Ladder.find(rung).orElseThrow();
        return switch (kind) {
            case RETRY -> "“" + step.fullTitle() + "” was reached and comes back: " + Rule.USUAL.retry() + " questions show whether it is still there.";
            case AGAIN -> "“" + slipName(step) + "” came more than once: “" + step.fullTitle() + "” again, " + turn() + ".";
            case QUIZ -> "The quiz on “" + step.fullTitle() + "” was not passed" + (slip == null ? ": a shorter set, "
                    + Rule.USUAL.again() + " questions." : "; “" + slipName(step) + "” was seen: a shorter set, " + turn() + ".");
            case NEXT -> "“" + step.fullTitle() + "” is next in your order; what comes before it is secure or passed.";
        };
    }

    private String slipName(Rung step) {
        return Slips.name(slip, step.wishes().operation());
    }

    private static String turn() {
        return Rule.USUAL.again() + " questions, " + Rule.USUAL.againChances() + " of which give it a chance";
    }
}
