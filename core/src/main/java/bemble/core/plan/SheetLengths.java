package bemble.core.plan;

import bemble.core.practice.Effort;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Refusal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

/** How many questions a sheet for a need has in a lesson of so many minutes, and how long they take; told by a sample. */
final class SheetLengths {
    private static final long SAMPLE_SEED = 11;
    private static final int SHORTEST = 3;
    /** Drawn once for each need there can be. */
    private static final Map<Need, List<FeaturedProblem>> SAMPLES = new ConcurrentHashMap<>();
    private static final Map<Need, List<FeaturedProblem>> LONG_SAMPLES = new ConcurrentHashMap<>();

    private final int lesson;
    private final Map<Need, Length> lengths = new HashMap<>();

    /** @param lesson the minutes of a lesson */
    SheetLengths(int lesson) {
        this.lesson = lesson;
    }

    /** @param minutes what the questions take */
    record Length(int questions, int minutes) {}

    /** As many of the questions a need has as fit into the lesson. */
    Length of(Need need) {
        return lengths.computeIfAbsent(need, any -> {
            List<FeaturedProblem> sample = sample(need);
            int count = need.questions();
            while (count > SHORTEST && Effort.minutes(sample.subList(0, count)) > lesson) {
                count--;
            }
            return new Length(count, Math.min(Effort.minutes(sample.subList(0, count)), lesson));
        });
    }

    /** What is to be said where a need has more questions than fit. */
    Optional<String> tooLong(Need need) {
        List<FeaturedProblem> sample = sample(need);
        int fit = of(need).questions();
        int needed = Effort.minutes(sample.subList(0, fit));
        return fit == need.questions() && needed <= lesson ? Optional.empty()
                : Optional.of("“" + need.title() + "”: " + need.questions()
                        + " questions take " + Effort.minutes(sample) + " minutes, the day has " + lesson
                        + (needed > lesson ? "; even " + fit + " take " + needed + "." : "; " + fit + " fit."));
    }

    private static List<FeaturedProblem> sample(Need need) {
        return SAMPLES.computeIfAbsent(need, any -> PlanSheet.draw(need, need.questions(), SAMPLE_SEED));
    }

    /** A sheet of so many questions, however long it takes. */
    static Length whole(Need need, int questions) {
        return new Length(questions, Effort.minutes(PlanSheet.draw(need, questions, SAMPLE_SEED)));
    }

    /** The longest sheet of more questions than so many that takes no more than so many minutes; nothing where there is none. */
    static Optional<Length> longer(Need need, int questions, int minutes) {
        List<FeaturedProblem> sample = LONG_SAMPLES.computeIfAbsent(need, SheetLengths::longest);
        int count = sample.size();
        while (count > questions && Effort.minutes(sample.subList(0, count)) > minutes) {
            count--;
        }
        return count > questions ? Optional.of(new Length(count, Effort.minutes(sample.subList(0, count))))
                : Optional.empty();
    }

    /** As many questions as a sheet may be made to have; none where there are not so many different ones. */
    private static List<FeaturedProblem> longest(Need need) {
        try {
            return PlanSheet.draw(need, need.mostQuestions(), SAMPLE_SEED);
        } catch (Refusal tooFew) {
            return List.of();
        }
    }
}
