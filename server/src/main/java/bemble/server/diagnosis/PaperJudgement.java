package bemble.server.diagnosis;

import bemble.core.diagnosis.Cause;
import bemble.core.diagnosis.Finding;
import bemble.core.diagnosis.Judged;
import bemble.core.diagnosis.Writer;
import bemble.core.entry.RightAnswer.Verdict;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How a paper is judged, each answer in the light of the others: what the pile, what it shows, the pages and the record say of it.
 * Plain data, so that it can be kept: no working is in it, only the names of what leads to one.
 *
 * @param causes the likeliest first; none of a writer who is likelier careful, or whose habit is likelier not known
 * @param facts what was missed in answers that no cause explains
 * @param say what is to be said of the writer in a sentence
 */
public record PaperJudgement(List<OfAnswer> answers, List<OfWriter> causes, List<MissedFact> facts, String say) {
    /** Of a paper that was not judged. */
    public static final PaperJudgement NONE = new PaperJudgement(List.of(), List.of(), List.of(), "");

    private static final double MORE_LIKELY_THAN_NOT = 0.5;
    private static final int MOST_FITTING = 4;
    private static final double WORTH_SHOWING = 0.02;

    /**
     * An answer.
     *
     * @param fits what fits it, likeliest first, as far as it is worth showing
     * @param say where nothing is likely, a sentence that tells so; else nothing
     * @param factMissed the fact that it may have missed, or null
     * @param factTaken the fact that the writer always takes for something else and took so here, such as {@code 7x8=54}, or null
     */
    public record OfAnswer(int question, Verdict verdict, List<Fits> fits, String say, @Nullable String factMissed,
            @Nullable String factTaken) {
        /** The fact that is got wrong here, with what it is taken for where that is known; null where it is none. */
        public @Nullable String fact() {
            return factTaken != null ? factTaken : factMissed;
        }
    }

    /**
     * A slip, or two together, that fits an answer.
     *
     * @param confidence from 0 to 1
     * @param once whether it happened in this answer alone, of a writer who does otherwise in the others
     */
    public record Fits(String slip, @Nullable String with, double confidence, boolean once) {
        static Fits of(Finding finding) {
            return new Fits(finding.slip(), finding.with(), finding.confidence(), finding.once());
        }

        /** The names of its slips, one or two. */
        public List<String> slips() {
            return with == null ? List.of(slip) : List.of(slip, with);
        }
    }

    /**
     * A cause of several answers of the writer.
     *
     * @param made those of its slips that are likelier made than not
     * @param shownIn a question in which it shows, as text
     * @param explains how many of the {@code of} wrong answers it explains
     * @param confidence from 0 to 1
     */
    public record OfWriter(String slip, @Nullable String with, List<String> made, String shownIn, int explains, int of,
            double confidence, String say) {
        static OfWriter of(Cause cause, Writer writer) {
            return new OfWriter(cause.slip(), cause.with(),
                    cause.slips().stream().filter(slip -> writer.makes(slip) > MORE_LIKELY_THAN_NOT).toList(),
                    cause.problem().text(), cause.explains(), cause.of(), cause.confidence(), cause.say());
        }

        /** The names of its slips, one or two. */
        public List<String> slips() {
            return with == null ? List.of(slip) : List.of(slip, with);
        }

        /** The question in which it shows. */
        public Problem problem() {
            return ProblemText.kept(shownIn);
        }
    }

    /** A fact that was missed in so many of the questions in which it comes. */
    public record MissedFact(String fact, int missed, int of) {}

    /** @param questions the question of each of the writer's answers */
    static PaperJudgement of(Writer writer, List<Integer> questions) {
        List<Judged> each = new ArrayList<>(writer.items());
        List<OfAnswer> answers = new ArrayList<>();
        for (int i = 0; i < each.size(); i++) {
            Judged judged = each.get(i);
            answers.add(new OfAnswer(questions.get(i), judged.verdict(),
                    judged.findings().stream().filter(finding -> finding.confidence() >= WORTH_SHOWING)
                            .limit(MOST_FITTING).map(Fits::of).toList(),
                    judged.say(), writer.factMissed(i), writer.factTaken(i)));
        }
        return new PaperJudgement(answers,
                writer.causes().stream().map(cause -> OfWriter.of(cause, writer)).toList(),
                writer.facts().stream().map(fact -> new MissedFact(fact.fact(), fact.missed(), fact.of())).toList(),
                writer.say());
    }

    /** What is said of the answer to a question; nothing where it was not judged. */
    public Optional<OfAnswer> answer(int question) {
        return answers.stream().filter(answer -> answer.question() == question).findFirst();
    }

    /** How many of its answers are wrong. */
    public long wrong() {
        return answers.stream().filter(answer -> answer.verdict() == Verdict.WRONG).count();
    }
}
