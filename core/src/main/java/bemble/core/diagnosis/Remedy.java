package bemble.core.diagnosis;

import bemble.core.hand.Method;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.Methods;
import bemble.core.picture.PictureKind;
import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Problem;
import bemble.core.slip.Slipped;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/**
 * What helps with a slip.
 *
 * @param words what to show a pupil who makes it
 * @param picture the picture to show it with
 * @param rung the first rung of the ladder whose questions give it a chance; null where none does
 */
public record Remedy(String words, PictureKind picture, @Nullable Rung rung) {
    private static final Map<KnownSlip, Remedy> FOUND = new ConcurrentHashMap<>();
    private static final int TRIED = 6;
    private static final long SEED = 5;

    /** What helps with a slip of an operation. */
    public static Remedy of(KnownSlip slip) {
        return FOUND.computeIfAbsent(slip, known -> new Remedy(known.help(), PictureKind.of(known.operation()).get(0),
                Ladder.of(known.operation()).stream().filter(rung -> questions(rung).stream()
                        .anyMatch(question -> shows(known, question.problem()))).findFirst().orElse(null)));
    }

    /** Whether a question gives one of the slips that are often met a chance: its answer would be another. */
    public static boolean givesUsualSlipsAChance(Problem problem) {
        Method<?> method = Methods.usual(problem);
        return Slips.of(problem, method.name()).stream().filter(slip -> slip.met() == KnownSlip.Met.OFTEN)
                .anyMatch(slip -> shows(slip, problem));
    }

    private static List<FeaturedProblem> questions(Rung rung) {
        return new Draft(rung.wishes(), SEED).draw(TRIED);
    }

    private static boolean shows(KnownSlip slip, Problem problem) {
        Method<?> method = slip.methods().contains(Methods.usual(problem).name()) ? Methods.usual(problem)
                : Methods.find(problem, slip.methods().iterator().next().id(), HouseStyle.USUAL);
        Optional<String> right = Slipped.answer(base -> base, problem, method, HouseStyle.USUAL);
        return slip.slips(problem).stream().map(each -> Slipped.answer(each, problem, method, HouseStyle.USUAL))
                .anyMatch(answer -> answer.isPresent() && !answer.equals(right));
    }

    /** All of it in a sentence or two. */
    public String say() {
        return words + " Show it with "
                + (picture == PictureKind.BLOCKS ? "blocks" : "the picture “" + picture.label() + "”")
                + (rung == null ? "." : "; begin at the step “" + rung.fullTitle() + "”.");
    }
}
