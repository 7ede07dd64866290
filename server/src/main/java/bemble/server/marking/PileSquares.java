package bemble.server.marking;

import bemble.server.classes.Pupil;
import bemble.server.diagnosis.PaperJudgement;
import bemble.server.diagnosis.PaperJudgement.OfAnswer;
import bemble.server.marking.Views.PileBand;
import bemble.server.marking.Views.PilePicture;
import bemble.server.marking.Views.PileRow;
import bemble.server.marking.Views.PileSquare;
import bemble.server.marking.Views.SlipGroup;
import bemble.server.marking.kept.AnswerVerdict;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.OpenPile;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Sets a pile out as squares, those who share a cause together. */
final class PileSquares {
    private final OpenPile open;
    private final List<PupilJudgement> judgements;
    private final List<SlipGroup> groups;

    PileSquares(OpenPile open, List<PupilJudgement> judgements, List<SlipGroup> groups) {
        this.open = open;
        this.judgements = judgements;
        this.groups = groups;
    }

    /** Causes that most share first, then wrong answers here and there, then all right, then what is not marked. */
    PilePicture picture() {
        List<PileBand> bands = new ArrayList<>();
        List<PupilJudgement> left = new ArrayList<>(judgements);
        for (SlipGroup group : groups) {
            List<PupilJudgement> here = left.stream().filter(each -> each.slips().containsKey(group.slip())).toList();
            left.removeAll(here);
            band(bands, group.name(), group.slip(), here);
        }
        Map<Boolean, List<PupilJudgement>> marked = left.stream()
                .collect(Collectors.partitioningBy(each -> each.view().right() + each.view().wrong() > 0));
        Map<Boolean, List<PupilJudgement>> wrong = Objects.requireNonNull(marked.get(true)).stream()
                .collect(Collectors.partitioningBy(each -> each.view().wrong() > 0));
        band(bands, "here and there", null, Objects.requireNonNull(wrong.get(true)));
        band(bands, "no wrong answer", null, Objects.requireNonNull(wrong.get(false)));
        band(bands, "nothing marked", null, Objects.requireNonNull(marked.get(false)));
        return new PilePicture(bands, counts(verdict -> verdict == AnswerVerdict.WRONG),
                counts(verdict -> verdict == AnswerVerdict.WRONG || verdict == AnswerVerdict.RIGHT));
    }

    private void band(List<PileBand> bands, String title, @Nullable String slip, List<PupilJudgement> of) {
        if (!of.isEmpty()) {
            bands.add(new PileBand(title, slip, of.stream().map(each -> row(each, slip)).toList()));
        }
    }

    private PileRow row(PupilJudgement judgement, @Nullable String slip) {
        Pupil pupil = judgement.view().pupil();
        Map<Integer, MarkedAnswer> answers = open.answers(pupil.id()).stream()
                .collect(Collectors.toMap(MarkedAnswer::question, Function.identity()));
        List<PileSquare> squares = new ArrayList<>();
        for (int question = 1; question <= open.sheet(pupil.id()).problems().size(); question++) {
            squares.add(square(pupil, answers.get(question), judgement.paper(), slip));
        }
        return new PileRow(pupil, squares, say(pupil, squares));
    }

    private PileSquare square(Pupil pupil, @Nullable MarkedAnswer answer, PaperJudgement judgement,
            @Nullable String slip) {
        if (answer == null) {
            return new PileSquare(null, "", false);
        }
        AnswerVerdict verdict = open.verdict(answer, open.sheet(pupil.id()).problem(answer.question()));
        boolean wrong = verdict == AnswerVerdict.WRONG;
        return new PileSquare(verdict, wrong ? open.style().answer(answer.said()) : "",
                wrong && slip != null && slip.equals(cause(answer, judgement)));
    }

    /** What an answer is put down to: the teacher's word before what fits best. */
    private static @Nullable String cause(MarkedAnswer answer, PaperJudgement judgement) {
        return answer.cause() != null ? answer.cause()
                : judgement.answers().stream().filter(each -> each.question() == answer.question())
                        .map(OfAnswer::fits).filter(fits -> !fits.isEmpty()).map(fits -> fits.get(0).slip())
                        .findFirst().orElse(null);
    }

    private static String say(Pupil pupil, List<PileSquare> squares) {
        List<String> wrong = new ArrayList<>();
        for (int i = 0; i < squares.size(); i++) {
            if (squares.get(i).verdict() == AnswerVerdict.WRONG) {
                wrong.add(i + 1 + " as " + squares.get(i).given());
            }
        }
        return pupil.name() + ": " + (wrong.isEmpty() ? "none wrong" : "wrong are " + String.join(", ", wrong));
    }

    private List<Integer> counts(Predicate<AnswerVerdict> counted) {
        int questions = open.sheets().stream().mapToInt(sheet -> sheet.problems().size()).max().orElse(0);
        List<Integer> counts = new ArrayList<>();
        for (int question = 1; question <= questions; question++) {
            int here = question;
            counts.add((int) open.answers().stream().filter(answer -> answer.question() == here)
                    .filter(answer -> counted.test(
                            open.verdict(answer, open.sheet(answer.pupilId()).problem(answer.question()))))
                    .count());
        }
        return counts;
    }
}
