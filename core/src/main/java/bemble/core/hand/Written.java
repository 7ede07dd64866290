package bemble.core.hand;

import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.working.Figure;
import bemble.core.working.Spoken;
import bemble.core.working.Spot;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A problem written by a hand: the answer at once, everything else when it is read. By {@link Hand#CAREFUL} 687 + 58 is 745;
 * by {@code slip.over(Hand.CAREFUL)}, which never adds a carry, 635.
 */
public final class Written {
    private final Problem problem;
    private final Method<Problem> asked;
    private final HouseStyle style;
    private final Desk desk;
    private @Nullable Method<Problem> followed;
    private @Nullable Outcome outcome;

    @SuppressWarnings("unchecked")
    private Written(Problem problem, Method<?> asked, HouseStyle style, Hand hand, boolean draws) {
        this.problem = problem;
        this.asked = (Method<Problem>) asked;
        this.style = style;
        this.desk = new Desk(style, hand, draws);
    }

    /**
     * Writes a problem.
     *
     * @throws Stuck where the hand cannot go on
     */
    public static Written by(Hand hand, Problem problem, Method<?> method, HouseStyle style) {
        Written written = new Written(problem, method, style, hand, true);
        written.write();
        return written;
    }

    /**
     * The answer that a hand comes to, with nothing drawn round it.
     *
     * @throws Stuck where the hand cannot go on
     */
    public static Written answerBy(Hand hand, Problem problem, Method<?> method, HouseStyle style) {
        Written written = new Written(problem, method, style, hand, false);
        written.write();
        return written;
    }

    /**
     * What a hand comes to that may get stuck: whoever tries hands asks here, since one that cannot go on explains nothing.
     *
     * @return nothing where the hand cannot go on
     */
    public static Optional<Written> tried(Hand hand, Problem problem, Method<?> method, HouseStyle style) {
        Written written = asFarAs(hand, problem, method, style, false);
        return written.isFinished() ? Optional.of(written) : Optional.empty();
    }

    /**
     * As far as a hand comes, where it gets stuck; see {@link #isFinished}.
     *
     * @param draws whether signs, rules and the like are wanted as well as decisions
     */
    public static Written asFarAs(Hand hand, Problem problem, Method<?> method, HouseStyle style, boolean draws) {
        Written written = new Written(problem, method, style, hand, draws);
        try {
            written.write();
        } catch (Stuck end) {
            // What was written until then is what is wanted.
        }
        return written;
    }

    @SuppressWarnings("unchecked")
    private void write() {
        Method<Problem> chosen = (Method<Problem>) desk.ask(new ChosenMethod(problem, asked));
        followed = chosen;
        outcome = chosen.write(problem, desk);
    }

    /** The same problem, asked in the same way, by another hand. */
    Written again(Hand hand) {
        return asFarAs(hand, problem, asked, style, false);
    }

    /** Whether the hand came to an answer; where not there is neither answer nor record. */
    public boolean isFinished() {
        return outcome != null;
    }

    private Outcome finished() {
        return Objects.requireNonNull(outcome, "this hand came to no answer");
    }

    public Problem problem() {
        return problem;
    }

    public HouseStyle style() {
        return style;
    }

    /** The method that the hand really followed. */
    public MethodName method() {
        return Objects.requireNonNull(followed).name();
    }

    public Answer answer() {
        return finished().answer();
    }

    public WorkRecord record() {
        return finished().record().get();
    }

    /** The desk it was written at, to go on with a check. */
    public Desk desk() {
        return desk;
    }

    /** The line in which the answer stands, at its ones; null where the hand did not come so far. */
    public @Nullable Spot answerStands() {
        return desk.answer();
    }

    /** The decisions of the work, in order. */
    public List<Decision<?>> decisions() {
        return desk.decisions(0, desk.endOfWork());
    }

    /** What this hand has left on the paper in the work, in the order of writing. */
    public List<Figure> ink() {
        return decisions().stream().flatMap(decision -> decision.ink().stream()).toList();
    }

    /** The decisions of the check, in order; none before it is written. */
    public List<Decision<?>> decisionsOfCheck() {
        return desk.decisions(desk.endOfWork(), desk.mark());
    }

    /** How many figures this hand has written in the work, those of the problem not counted. */
    public int figures() {
        return ink().stream().filter(Figure::isAsked)
                .mapToInt(figure -> figure.text().length()).sum();
    }

    /** The facts worked, in the order of writing; a near miss is counted among them. */
    public List<FactQuestion<?>> factsWorked() {
        List<FactQuestion<?>> facts = new ArrayList<>();
        for (Decision<?> decision : decisions()) {
            if (decision.asked() instanceof FactQuestion<?> fact && fact.isWorked()) {
                facts.add(fact);
            }
        }
        return facts;
    }

    /** The columns in which a rule was broken, in the order of writing. */
    public List<Integer> brokenPlaces() {
        return decisions().stream().filter(Decision::isBroken).map(broken -> broken.asked().place())
                .filter(place -> place != Question.NO_PLACE).distinct().toList();
    }

    /** Whether a rule was broken anywhere. */
    public boolean isBroken() {
        return decisions().stream().anyMatch(Decision::isBroken);
    }

    /**
     * What a careful hand, in the state in which the first rule was broken, says: the fact, where it was one that was
     * missed, or what it says when it comes to the figure; nothing where no rule was broken.
     *
     * @param shows the figure in which the broken rule shows
     */
    public Optional<Spoken> ruleFirstBroken(Figure.@Nullable Key shows) {
        List<Decision<?>> decided = decisions();
        for (int i = 0; i < decided.size(); i++) {
            if (decided.get(i).isBroken()) {
                Desk careful = again(new CarefulFrom(decided.subList(0, i))).desk;
                List<Decision<?>> right = careful.decisions(i, careful.mark());
                boolean fact = decided.get(i).asked() instanceof FactQuestion<?>;
                for (int j = 0; j < right.size() && !fact; j++) {
                    if (right.get(j).ink().stream().anyMatch(figure -> figure.key().equals(shows))) {
                        return new Assembly(careful, Roles.NONE).wordsOf(i + j);
                    }
                }
                Assembly assembly = new Assembly(careful, Roles.NONE);
                return IntStream.range(i, careful.mark()).mapToObj(assembly::wordsOf).flatMap(Optional::stream)
                        .filter(words -> !words.say().isBlank()).findFirst();
            }
        }
        return Optional.empty();
    }

    /** The same, shown by whatever that rule put on the paper. */
    public Optional<Spoken> ruleFirstBroken() {
        return decisions().stream().filter(Decision::isBroken).findFirst().flatMap(broken -> ruleFirstBroken(
                broken.ink().isEmpty() ? null : broken.ink().get(0).key()));
    }

    /** The paper with its steps as it looks, whatever rule was broken. */
    public Working workingAsItLooks() {
        return new Assembly(desk, Roles.NONE).working();
    }

    /** The paper with its steps; where a rule was broken its marks tell so. */
    public Working working() {
        return new Assembly(desk, Roles.of(this)).working();
    }
}
