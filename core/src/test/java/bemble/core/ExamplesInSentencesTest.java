package bemble.core;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.Diagnosis;
import bemble.core.diagnosis.Item;
import bemble.core.diagnosis.Judged;
import bemble.core.diagnosis.Writer;
import bemble.core.hand.Hand;
import bemble.core.hand.Method;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.marking.Marked;
import bemble.core.marking.Marking;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.PaperToMark;
import bemble.core.marking.PaperVerdict;
import bemble.core.method.Methods;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.Versions;
import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Features;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.pupil.SimulatedPupil;
import bemble.core.slip.Slipped;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.words.Words;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;

/** The examples in the sentences of the types that are for others: whoever reads them may rely on them. */
class ExamplesInSentencesTest {
    private static final Problem SUM = ProblemText.kept("687 + 58");

    private static Answers answers(String problem) {
        return Answers.of(ProblemText.kept(problem), null);
    }

    @Test
    void whatIsAskedAndWorked() {
        assertThat(ProblemText.read("4206 - 1358", 0, Punctuation.POINT).text()).isEqualTo("4206 − 1358");
        assertThat(Punctuation.COMMA.write("20.5")).isEqualTo("20,5");
        Worked worked = Worked.from(new WorkOrder(SUM, "column", HouseStyle.USUAL, null, "carry-forgotten"));
        assertThat(worked.answer().text()).isEqualTo("635");
        assertThat(worked.check().holds()).isFalse();
        assertThat(Methods.find(SUM, null, HouseStyle.USUAL).name()).isEqualTo(MethodName.COLUMN);
        assertThat(new Words(HouseStyle.USUAL.with(Map.of("onesWord", "units"))).count(12, 0)).isEqualTo("12 units");
        assertThat(HouseStyle.USUAL.with(Map.of("point", "comma")).problem(ProblemText.kept("1.5 + 2")))
                .isEqualTo("1,5 + 2");
        Refusal larger = org.junit.jupiter.api.Assertions.assertThrows(Refusal.class,
                () -> ProblemText.read("3 − 5", 0, Punctuation.POINT));
        assertThat(larger.offer()).contains("5 − 3");
    }

    @Test
    void handsThatSlip() {
        Method<?> method = Methods.usual(SUM);
        assertThat(Written.by(Hand.CAREFUL, SUM, method, HouseStyle.USUAL).answer().value()).isEqualTo("745");
        KnownSlip slip = Slips.find("carry-forgotten", Operation.ADDITION).orElseThrow();
        assertThat(Written.by(slip.slip().over(Hand.CAREFUL), SUM, method, HouseStyle.USUAL).answer().value())
                .isEqualTo("635");
        assertThat(Slipped.find("carry-forgotten", SUM, method, HouseStyle.USUAL)
                .flatMap(hand -> Slipped.answer(hand, SUM, method, HouseStyle.USUAL))).contains("635");
        SimulatedPupil ines = SimulatedPupil.with("Ines", new SimulatedPupil.Habit("carry-forgotten", 1));
        assertThat(ines.write(SUM, method, HouseStyle.USUAL, RandomGenerator.getDefault()).answer().value())
                .isEqualTo("635");
    }

    @Test
    void answersJudged() {
        Judged judged = Diagnosis.of(answers("687 + 58"), "635", Punctuation.POINT);
        assertThat(judged.firstWrongPlace()).isEqualTo(1);
        assertThat(judged.findings().get(0).slip()).isEqualTo("carry-forgotten");
        assertThat(judged.findings().get(0).places()).containsExactly(1, 2);
        assertThat(answers("687 + 58").likeliest("carry-forgotten")).isEqualTo("635");
        Writer writer = Writer.of(List.of(new Item(answers("687 + 58"), "635"), new Item(answers("46 + 27"), "63"),
                new Item(answers("31 + 24"), "55")), Punctuation.POINT);
        assertThat(writer.causes().get(0).slip()).isEqualTo("carry-forgotten");
        assertThat(writer.causes().get(0).explains()).isEqualTo(2);
    }

    @Test
    void papersMarked() {
        List<PaperFigure> written = List.of(figure(0, "5"), figure(1, "3"), figure(2, "6"));
        Marked marked = Marking.mark(SUM, null, HouseStyle.USUAL,
                new PaperToMark(written, false, false, false, null));
        assertThat(marked.verdict()).isEqualTo(PaperVerdict.WRONG);
        assertThat(marked.first().at().place()).isEqualTo(1);
    }

    private static PaperFigure figure(int place, String text) {
        return new PaperFigure(BlockName.named("sum"), Line.named("answer"), place, null, MarkKind.DIGIT, text);
    }

    @Test
    void questionsDrawn() {
        Wishes wishes = new Wishes(Operation.SUBTRACTION,
                Map.of(Feature.DIGITS, Wish.exactly(4), Feature.ACROSS_ZEROS, new Wish(2, 2)));
        List<FeaturedProblem> drawn = new Draft(wishes, 7).draw(5);
        assertThat(drawn).hasSize(5).allMatch(question -> wishes.allow(question.features()));
        assertThat(new Draft(wishes, 7).draw(5)).isEqualTo(drawn);
        assertThat(wishes.allow(Features.of(ProblemText.kept("4003 − 1258")))).isTrue();
        assertThat(FeaturedProblem.of(ProblemText.kept("58 + 687")).likeness())
                .isEqualTo(FeaturedProblem.of(ProblemText.kept("687 + 58")).likeness());
        assertThat(Ladder.rungOf(Features.of(ProblemText.kept("46 + 27"))).orElseThrow().title())
                .isEqualTo("one carry");
        assertThat(Versions.of(drawn, "B", 7)).hasSize(5)
                .noneMatch(drawn::contains);
    }
}
