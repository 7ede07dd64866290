package bemble.core.diagnosis;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.outcome.Hypothesis;
import bemble.core.diagnosis.outcome.Known;
import bemble.core.diagnosis.outcome.Path;
import bemble.core.entry.GivenAnswer;
import bemble.core.entry.RightAnswer.Verdict;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiPredicate;
import org.jspecify.annotations.Nullable;

/** Finds what fits one wrong answer. */
public final class Diagnosis {
    /** Raised whenever the same answers may be judged otherwise than before: what is kept of an older one is judged anew. */
    public static final int VERSION = 4;

    private static final int MOST_FINDINGS = 8;
    /** What is less likely than this is not worth a teacher's time. */
    private static final double WORTH_SAYING = 0.003;
    /** Confidences that differ by less than one part of so many are alike. */
    private static final double ALIKE = 1e9;

    private Diagnosis() {}

    /** Judges one answer by itself. */
    public static Judged of(Answers answers, @Nullable String given, Punctuation punctuation) {
        return of(new Item(answers, given), punctuation, null);
    }

    /**
     * Judges one answer of a writer of whom more is known.
     *
     * @param writer what is known of the writer; null where this answer is all
     */
    static Judged of(Item item, Punctuation punctuation, @Nullable Posterior writer) {
        Answers answers = item.answers();
        String given = item.given();
        if (given == null) {
            return new Judged(Verdict.CORRECT, null, List.of(), 0, "");
        }
        Verdict verdict = verdict(answers, given, punctuation);
        if (verdict != Verdict.WRONG) {
            return new Judged(verdict, null, List.of(), 0, "");
        }
        GivenAnswer read = GivenAnswer.read(given, punctuation).orElseThrow();
        Known known = new Known(answers, read.key(), item.paper());
        Shares alone = Shares.of(known, item.paper());
        if (writer == null) {
            return judged(answers, read, alone, DiagnosisWords.ofOne(alone), null, (names, share) -> false, false);
        }
        Map<List<String>, Double> owed = writer.owed(known);
        Shares among = alone.of(owed, writer.of(Hypothesis.Kind.UNKNOWN), answers);
        return judged(answers, read, among, DiagnosisWords.ofOneAmong(among, alone, answers.problem()),
                writer.likelierFirst(),
                (names, share) -> owed.getOrDefault(names, 0.0) < share / 2, writer.wrong() > 1);
    }

    /**
     * @param say where no finding is likely, a sentence that tells so; else nothing
     * @param first which of two slips is named first, in each answer of a writer alike; null where this answer is all
     * @param once whether a cause, with its share of the answer, is no habit of the writer
     * @param again whether more answers of the writer are wrong
     */
    private static Judged judged(Answers answers, GivenAnswer read, Shares shares, String say,
            @Nullable Comparator<String> first,
            BiPredicate<List<String>, Double> once, boolean again) {
        List<Finding> findings =
                shares.causes().entrySet().stream().filter(entry -> entry.getValue() >= WORTH_SAYING)
                        .sorted(Comparator.<Map.Entry<List<String>, Double>>comparingLong(
                                entry -> -Math.round(entry.getValue() * ALIKE))
                                .thenComparing(entry -> shares.path(entry.getKey()).slip()))
                        .limit(MOST_FINDINGS)
                        .map(entry -> finding(answers, named(shares.path(entry.getKey()), first), entry.getValue(),
                                once.test(entry.getKey(), entry.getValue()), again))
                        .toList();
        return new Judged(Verdict.WRONG, firstWrongPlace(answers, read), findings, shares.unknown(), say);
    }

    private static Path named(Path path, @Nullable Comparator<String> first) {
        return first == null ? path : path.inOrder(first);
    }

    /** What an answer is, without looking for what fits it. */
    public static Verdict verdict(Answers answers, String given, Punctuation punctuation) {
        return answers.rightAnswer().verdict(given, punctuation);
    }

    /** Slips as a finding of an answer that fits them only in the light of others; nothing where they cannot be made here. */
    public static Optional<Finding> presumed(Answers answers, List<String> slips) {
        return answers.pathOf(slips).map(path -> finding(answers, path, 0, false, false));
    }

    private static Finding finding(Answers answers, Path path, double confidence, boolean once, boolean again) {
        Problem problem = answers.problem();
        Written written = Written.answerBy(path.hand().over(Hand.CAREFUL), problem, answers.method(), path.style());
        String say = once ? DiagnosisWords.once(path.slips(), problem)
                : again ? DiagnosisWords.again(path.slips(), problem) : DiagnosisWords.fits(path.slips(), problem);
        return new Finding(path.slip(), path.with(), written.brokenPlaces(), confidence, once, say, path.hand(),
                path.style());
    }

    /** In sums, differences and products from the ones leftwards; in quotients and roots from the left. */
    private static @Nullable Integer firstWrongPlace(Answers answers, GivenAnswer given) {
        Numeral right = Numeral.of(answers.careful().answer().value());
        Numeral other = given.value();
        List<Integer> places = new ArrayList<>();
        for (int place = Math.min(right.lowest(), other.lowest()); place <= Math.max(right.highest(),
                other.highest()); place++) {
            boolean front = !right.has(place) || !other.has(place);
            boolean zeroBehind = place < 0 && right.digit(place) == 0 && other.digit(place) == 0;
            if (right.digit(place) != other.digit(place) || front && !zeroBehind) {
                places.add(place);
            }
        }
        Operation operation = answers.problem().operation();
        boolean fromLeft = operation == Operation.DIVISION || operation == Operation.SQUARE_ROOT;
        return places.stream().min(fromLeft ? Comparator.reverseOrder() : Comparator.naturalOrder()).orElse(null);
    }
}
