package bemble.core.plan;

import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Refusal;
import bemble.core.progress.SecureRule;
import bemble.core.slip.Slips;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/** The questions of a sheet for a need. */
public final class PlanSheet {
    private static final Map<Need, Boolean> CHANCES = new ConcurrentHashMap<>();

    private PlanSheet() {}

    /**
     * Draws the questions: of the need's rung, and where a slip still shows, most of them such that it would show.
     *
     * @param count how many
     */
    public static List<FeaturedProblem> draw(Need need, int count, long seed) {
        return draw(need, count, seed, List.of());
    }

    /** The same, with none like those there are. */
    public static List<FeaturedProblem> draw(Need need, int count, long seed, List<FeaturedProblem> others) {
        Rung rung = Ladder.find(need.rung()).orElseThrow();
        List<FeaturedProblem> drawn = new ArrayList<>();
        if (need.slip() != null && !need.slip().equals(Slips.FACT_NEAR_MISS)) {
            drawn.addAll(telling(rung, need.slip(), Math.min(count, SecureRule.USUAL.againChances()), seed, others));
        }
        if (drawn.size() < count) {
            List<FeaturedProblem> taken = new ArrayList<>(others);
            taken.addAll(drawn);
            drawn.addAll(new Draft(rung.wishes(), seed).draw(count - drawn.size(), taken));
        }
        return drawn;
    }

    /** Whether there are questions of the need's rung in which its slip would show. */
    static boolean givesChances(Need need) {
        String slip = need.slip();
        return slip != null && !slip.equals(Slips.FACT_NEAR_MISS)
                && CHANCES.computeIfAbsent(need, any -> !telling(Ladder.find(need.rung()).orElseThrow(), slip,
                        SecureRule.USUAL.againChances(), 1, List.of()).isEmpty());
    }

    private static List<FeaturedProblem> telling(Rung rung, String slip, int count, long seed,
            List<FeaturedProblem> others) {
        try {
            return new Draft(rung.wishes().withTelling(slip), seed).draw(count, others);
        } catch (Refusal noneOfThisRung) {
            return List.of();
        }
    }
}
