package bemble.server.marking;

import bemble.core.diagnosis.DiagnosisWords;
import bemble.core.diagnosis.Remedy;
import bemble.core.diagnosis.WhereItHappens;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.slip.NamedRules;
import bemble.core.slip.Slips;
import bemble.server.diagnosis.PaperJudgement.Fits;
import bemble.server.diagnosis.PaperJudgement.OfAnswer;
import bemble.server.marking.Views.CauseChoice;
import bemble.server.marking.Views.Presumed;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** The causes a teacher may decide on: the slips of the sheet's operations, and what only the book shows. */
public final class Causes {
    /** Causes that no answer tells; a teacher sees them in the book. */
    private static final Map<String, String> OF_THE_BOOK = new LinkedHashMap<>();

    static {
        OF_THE_BOOK.put(Slips.FACT_NEAR_MISS, "a fact missed");
        OF_THE_BOOK.put("copied-wrongly", "copied wrongly");
        OF_THE_BOOK.put("right-answer-wrong-working", "right answer, wrong working");
        OF_THE_BOOK.put("something-else", "something else");
    }

    private Causes() {}

    /** The slips of the sheet's operations in the order in which they happen in a working, then what only the book shows. */
    static List<CauseChoice> of(List<Problem> problems, NamedRules kept) {
        List<CauseChoice> choices = new ArrayList<>();
        problems.stream().map(Problem::operation).distinct()
                .forEach(operation -> Stream
                        .concat(WhereItHappens.inOrder(operation).stream(), kept.of(operation).stream())
                        .map(slip -> new CauseChoice(slip.id(), slip.name(), operation))
                        .filter(choice -> !choices.contains(choice))
                        .forEach(choices::add));
        OF_THE_BOOK.forEach((id, name) -> choices.add(new CauseChoice(id, name, null)));
        return choices;
    }

    /** @throws Refusal where it is no cause at all */
    public static @Nullable String checked(@Nullable String cause) {
        if (cause == null || cause.isBlank()) {
            return null;
        }
        if (!OF_THE_BOOK.containsKey(cause) && Slips.find(cause).isEmpty()) {
            throw Refusal.of("cause", "“" + cause + "” is not a cause. Choose one from the list.");
        }
        return cause;
    }

    static String name(String cause, Operation operation, NamedRules kept) {
        return OF_THE_BOOK.getOrDefault(cause, kept.name(cause, operation));
    }

    /** What fits an answer, the likeliest first; what is said in the same words under two names is said once. */
    static List<Presumed> presumed(OfAnswer answer, Problem problem, boolean alone, NamedRules kept) {
        Map<String, Presumed> said = new LinkedHashMap<>();
        for (Fits fits : answer.fits()) {
            String label = DiagnosisWords.label(fits.slip(), problem, answer.fact());
            said.putIfAbsent(label + " / " + fits.with(), new Presumed(fits.slip(), fits.with(),
                    kept.name(fits.slips(), problem.operation()), label,
                    fits.once() ? "this once" : alone ? "fits" : DiagnosisWords.sureness(fits.confidence())));
        }
        return List.copyOf(said.values());
    }

    /** What a pupil may read of it. */
    static String words(String slip, Problem problem) {
        return Slips.find(slip, problem.operation()).map(KnownSlip::help)
                .orElse("Find the fact from one that is sure, and write it down.");
    }

    /** What helps, with a picture and the rung to begin at. */
    static String help(String slip, Problem problem) {
        return Slips.find(slip, problem.operation()).map(known -> Remedy.of(known).say())
                .orElseGet(() -> words(slip, problem));
    }
}
