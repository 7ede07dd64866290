package bemble.core.practice;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Features;
import bemble.core.practice.features.Wishes;
import bemble.core.practice.growing.Grower;
import bemble.core.practice.growing.Sizes;
import bemble.core.problem.Refusal;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

/**
 * Draws up questions to wishes: {@code new Draft(wishes, 7).draw(5)} gives five, no two alike, and the same five whenever it
 * is asked.
 */
public final class Draft {
    public static final int MOST_QUESTIONS = 200;

    private static final int SAMPLE = 60;
    /** Of so many questions the one that tells most apart is taken. */
    private static final int TO_TELL_FROM = 16;
    /** So many times longer one looks for questions that need a fact. */
    private static final int RARE_FACTS = 12;

    private final Wishes wishes;
    private final Random random;
    private final Grower grower;
    private long deadline = Long.MAX_VALUE;

    /**
     * @param seed the same wishes and seed give the same questions, on any machine
     * @throws Refusal where the wishes cannot be met together; the faults name the features in conflict
     */
    public Draft(Wishes wishes, long seed) {
        this.wishes = wishes;
        this.random = new Random(seed);
        this.grower = Sizes.settled(wishes).orElseThrow(() -> Conflict.in(wishes));
    }

    /** Looks for so long at the most; what has been found by then is the same as without a bound. */
    public Draft within(Duration longest) {
        deadline = System.nanoTime() + longest.toNanos();
        return this;
    }

    private boolean isTimeUp() {
        return deadline != Long.MAX_VALUE && System.nanoTime() - deadline > 0;
    }

    /**
     * Draws questions, no two alike.
     *
     * @param count 1 to {@link #MOST_QUESTIONS}
     * @throws Refusal where there are not so many
     */
    public List<FeaturedProblem> draw(int count) {
        return draw(count, List.of());
    }

    /** Draws questions, no two alike and none like those there are. */
    public List<FeaturedProblem> draw(int count, Collection<FeaturedProblem> others) {
        if (count < 1 || count > MOST_QUESTIONS) {
            throw Refusal.of("count", "Choose 1 to " + MOST_QUESTIONS + " questions.");
        }
        Set<String> taken = new HashSet<>();
        others.forEach(other -> taken.add(other.likeness()));
        List<FeaturedProblem> drawn = new ArrayList<>();
        int misses = 0;
        while (drawn.size() < count) {
            Optional<FeaturedProblem> question = next();
            if (question.isPresent() && taken.add(question.get().likeness())) {
                drawn.add(question.get());
                misses = 0;
            } else if (++misses > patience() * (1 + drawn.size() / 25) || isTimeUp()) {
                throw ranDry(drawn.size(), count);
            }
        }
        return drawn;
    }

    /** One more question unlike those there are, or nothing where this attempt found none. */
    Optional<FeaturedProblem> oneMore(Collection<FeaturedProblem> others) {
        return next()
                .filter(question -> others.stream().noneMatch(other -> other.likeness().equals(question.likeness())));
    }

    private Optional<FeaturedProblem> next() {
        Optional<FeaturedProblem> best = Optional.empty();
        int fewest = Integer.MAX_VALUE;
        for (int i = 0; i < (wishes.targets().tells().isEmpty() ? 1 : TO_TELL_FROM) && fewest > 0 && !isTimeUp(); i++) {
            Optional<FeaturedProblem> grown = grower.grow(random).map(FeaturedProblem::of)
                    .filter(question -> wishes.allow(question.features())
                            && wishes.targets().needsFact(question.problem()));
            int untold = grown.map(question -> wishes.targets().untold(question.problem())).orElse(Integer.MAX_VALUE);
            if (best.isEmpty() || untold < fewest) {
                best = grown;
                fewest = untold;
            }
        }
        return best;
    }

    private int patience() {
        return grower.patience() * (wishes.targets().facts().isEmpty() ? 1 : RARE_FACTS);
    }

    private Refusal ranDry(int found, int count) {
        String what = found == 0 ? "No question with all this was found."
                : "Only " + found + " different questions with all this were found, not " + count + ".";
        if (!wishes.targets().facts().isEmpty()) {
            return Refusal.of(found == 0 ? "want.facts" : "count",
                    what + " Not enough of them need one of the facts: name more "
                            + "facts, or ask for larger numbers" + (found == 0 ? "." : ", or for fewer questions."));
        }
        String rarest = rarest().map(feature -> " The rarest wish is " + feature.label() + " (" + feature.id()
                + "): loosen it" + (found == 0 ? "." : ", or ask for fewer questions."))
                .orElse(" Ask for fewer questions.");
        return Refusal.of(found == 0 ? "want" : "count", what + rarest);
    }

    /** The wish that the fewest questions of these sizes meet by themselves. */
    private Optional<Feature> rarest() {
        return wishes.wanted().keySet().stream().filter(feature -> !Sizes.isSize(feature))
                .min(Comparator.comparingInt(this::meetings));
    }

    private int meetings(Feature feature) {
        Random fresh = new Random(1);
        Wishes sizes = wishes.only(wishes.wanted().keySet().stream().filter(Sizes::isSize).toList());
        return Sizes.settled(sizes).map(free -> {
            int met = 0;
            for (int i = 0; i < SAMPLE; i++) {
                met += free.grow(fresh).map(Features::of)
                        .filter(features -> wishes.wish(feature).orElseThrow().allows(features.count(feature)))
                        .isPresent()
                                ? 1 : 0;
            }
            return met;
        }).orElse(0);
    }
}
