package bemble.core.plan;

import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.Question;
import bemble.core.practice.Rung;
import bemble.core.practice.Targets;
import bemble.core.practice.Wishes;
import bemble.core.problem.Refusal;
import bemble.core.progress.Rule;
import bemble.core.slip.Slips;
import java.util.ArrayList;
import java.util.List;

/** The questions of a sheet for a need. */
public final class PlanSheet {
    private PlanSheet() {}

    /**
     * Draws the questions: of the need's rung, and where a slip still shows, most of them such that it would show.
     *
     * @param count how many
     */
    public static List<Question> draw(Need need, int count, long seed) {
        Rung rung = Ladder.find(need.rung()).orElseThrow();
        List<Question> drawn = new ArrayList<>();
        if (need.slip() != null && !need.slip().equals(Slips.FACT_NEAR_MISS)) {
            drawn.addAll(telling(rung, need.slip(), Math.min(count, Rule.USUAL.againChances()), seed));
        }
        if (drawn.size() < count) {
            drawn.addAll(new Draft(rung.wishes(), seed).draw(count - drawn.size(), drawn));
        }
        return drawn;
    }

    private static List<Question> telling(Rung rung, String slip, int count, long seed) {
        try {
            Wishes wishes = rung.wishes();
            return new Draft(new Wishes(wishes.operation(), wishes.wanted(),
                    Targets.of(wishes.operation(), List.of(), List.of(slip))), seed).draw(count);
        } catch (Refusal noneOfThisRung) {
            return List.of();
        }
    }
}
