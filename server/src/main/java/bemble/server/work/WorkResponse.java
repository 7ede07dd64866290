package bemble.server.work;

import bemble.core.check.Check;
import bemble.core.hand.Answer;
import bemble.core.hand.WorkRecord;
import bemble.core.order.Worked;
import bemble.core.problem.Operation;
import bemble.core.sheet.Sheet;
import bemble.core.sheet.SheetMark;
import bemble.core.style.HouseStyle;
import bemble.core.words.Words;
import bemble.core.working.Anchor;
import bemble.core.working.CueKind;
import bemble.core.working.Fact;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spoken;
import bemble.core.working.Step;
import bemble.core.working.StepKind;
import bemble.core.working.Working;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A problem worked: the answer, the record, the check, the paper in squares, and the steps.
 *
 * @param problem the problem as it is kept, numbers with a point
 * @param written the problem as it is written in the style it was worked in
 */
public record WorkResponse(
        @NotNull String problem,
        @NotNull String written,
        @NotNull Operation operation,
        @NotNull List<String> operands,
        @NotNull int decimals,
        @NotNull String method,
        @Nullable String slip,
        @Nullable String with,
        @NotNull AnswerView answer,
        @NotNull @Schema(type = "object") WorkRecord record,
        @NotNull CheckView check,
        @NotNull SheetView sheet,
        @NotNull List<StepView> steps) {

    /** The answer; what does not apply is left out. */
    public record AnswerView(@NotNull String value, @Nullable String remainder, @Nullable Boolean exact,
            @Nullable String rounded,
            @NotNull String text) {
        static AnswerView of(Answer answer) {
            return new AnswerView(answer.value(), answer.remainder(), answer.exact(), answer.rounded(), answer.text());
        }
    }

    /**
     * The check with the sums worked for it.
     *
     * @param statement what is compared, numbers with a point
     * @param written the statement as it is written in the style it was worked in
     */
    public record CheckView(@NotNull String kind, @NotNull String statement, @NotNull String written,
            @NotNull String expected,
            @NotNull String actual, @NotNull boolean holds, @NotNull List<SumView> workings) {
        static CheckView of(Check check, HouseStyle style) {
            return new CheckView(check.kind(), check.statement(), style.point().punctuation().write(check.statement()),
                    check.expected(),
                    check.actual(), check.holds(),
                    check.workings().stream().map(SumView::of).toList());
        }
    }

    /** One sum worked for a check. */
    public record SumView(@NotNull Operation operation, @NotNull List<String> operands, @NotNull String method,
            @NotNull AnswerView answer, @NotNull @Schema(type = "object") WorkRecord record) {
        static SumView of(Check.Sum sum) {
            return new SumView(sum.operation(), sum.operands(), sum.method(), AnswerView.of(sum.answer()),
                    sum.record());
        }
    }

    /**
     * The paper in squares.
     *
     * @param work the squares that the work takes, before its check begins
     * @param heard what its blocks of columns are called for who hears it; other blocks are read line by line
     */
    public record SheetView(@NotNull int rows, @NotNull int columns, @NotNull AreaView work,
            @NotNull List<HeardBlock> heard, @NotNull List<MarkView> marks) {
        static SheetView of(Sheet sheet, Words words) {
            return new SheetView(sheet.rows(), sheet.columns(), new AreaView(sheet.work().row(), sheet.work().column(),
                    sheet.work().rows(), sheet.work().columns()), HeardBlock.of(sheet, words),
                    sheet.marks().stream().map(mark -> MarkView.of(mark, words)).toList());
        }
    }

    public record AreaView(@NotNull int row, @NotNull int column, @NotNull int rows, @NotNull int columns) {}

    /**
     * A mark in its square, with the step that puts it there and the step that takes it away.
     *
     * @param should where a rule was broken, what a careful hand would have written there
     * @param heard what a screen reader says for it, where that is not its text
     */
    public record MarkView(@NotNull int step, @Nullable Integer until, @NotNull MarkKind kind, @NotNull String block,
            @NotNull String line, @NotNull int place, @NotNull int row, @NotNull int column,
            @Nullable Integer toRow, @Nullable Integer toColumn, @NotNull String text, @NotNull Role role,
            @NotNull Size size, @NotNull Anchor anchor, @Nullable String should, @Nullable String heard) {
        public static MarkView of(SheetMark mark, Words words) {
            String heard = words.heard(mark.mark());
            return new MarkView(mark.step(), mark.until(), mark.kind(), mark.block().id(), mark.line().id(),
                    mark.place(),
                    mark.row(), mark.column(), mark.toRow(), mark.toColumn(), mark.text(), mark.role(),
                    mark.size(), mark.anchor(), mark.mark().should(), heard.equals(mark.text()) ? null : heard);
        }
    }

    /** A small fact that can be found in some way. */
    public record FindView(@NotNull String sign, @NotNull List<Integer> numbers) {}

    /**
     * One step.
     *
     * @param part whether it belongs to the work or to its check
     * @param title the heading it is listed under
     * @param cues the ids of what a teacher's cue said here may be for, the most particular first
     * @param factAsked what may be seen of the fact before the step
     * @param find the small fact in it, if any
     * @param asked the marks that a class can be asked for
     * @param small of these, those that are carried or exchanged
     * @param answers of these, those in the line that reads the answer
     * @param marks the places of all its marks
     * @param ring the place of the mark to be rung, where a rule was broken first in this step
     */
    public record StepView(@NotNull int n, @NotNull StepKind kind, @NotNull List<String> cues, @NotNull Part part,
            @NotNull String title,
            @Nullable Integer place, @NotNull String fact, @NotNull String factAsked, @Nullable FindView find,
            @NotNull String say, @NotNull String ask, @NotNull List<String> expects,
            @NotNull List<Integer> marks, @NotNull List<AskedView> asked, @NotNull List<AskedView> small,
            @NotNull List<AskedView> answers, @Nullable Integer ring) {
        private StepView saying(String more) {
            return new StepView(n, kind, cues, part, title, place, fact, factAsked, find, say + more, ask, expects,
                    marks, asked, small, answers, ring);
        }
    }

    /**
     * A mark that a class can be asked for.
     *
     * @param mark its place in the sheet's list
     * @param keys what is pressed to answer it, key by key
     */
    public record AskedView(@NotNull int mark, @NotNull List<String> keys) {}

    public static WorkResponse of(Worked worked) {
        return new WorkResponse(worked.problem().text(), worked.style().problem(worked.problem()),
                worked.problem().operation(),
                worked.problem().plainOperands(), worked.problem().decimals(),
                worked.method(), worked.slip(), worked.with(), AnswerView.of(worked.answer()), worked.record(),
                CheckView.of(worked.check(), worked.style()), SheetView.of(worked.sheet(), new Words(worked.style())),
                steps(worked));
    }

    /** The same, its work ending with what the letter is that stood for what is sought. */
    WorkResponse saying(String sought) {
        List<StepView> said = new ArrayList<>(steps);
        int last = (int) steps.stream().filter(step -> step.part() == Part.WORK).count() - 1;
        said.set(last, said.get(last).saying(" So " + sought + " is " + answer.text() + "."));
        return new WorkResponse(problem, written, operation, operands, decimals, method, slip, with, answer, record,
                check,
                sheet,
                said);
    }

    private static List<StepView> steps(Worked worked) {
        Working working = worked.working();
        List<SheetMark> marks = worked.sheet().marks();
        List<List<Integer>> ofStep = new ArrayList<>();
        working.steps().forEach(step -> ofStep.add(new ArrayList<>()));
        for (int i = 0; i < marks.size(); i++) {
            ofStep.get(marks.get(i).step() - 1).add(i);
        }
        Mark broken = working.firstBroken().orElse(null);
        return working.steps().stream().map(step -> view(step, working, marks, ofStep.get(step.n() - 1), broken))
                .toList();
    }

    private static StepView view(Step step, Working working, List<SheetMark> marks, List<Integer> mine,
            @Nullable Mark broken) {
        List<String> expects = new ArrayList<>();
        List<AskedView> asked = new ArrayList<>();
        List<AskedView> small = new ArrayList<>();
        List<AskedView> answers = new ArrayList<>();
        Integer ring = null;
        for (int place : mine) {
            Mark mark = marks.get(place).mark();
            if (mark == broken) {
                ring = place;
            }
            if (mark.isAsked()) {
                AskedView view = new AskedView(place, mark.keys());
                expects.add(mark.text());
                asked.add(view);
                if (mark.role() == Role.CARRY || mark.role() == Role.EXCHANGE) {
                    small.add(view);
                }
                if (working.isInAnswer(mark)) {
                    answers.add(view);
                }
            }
        }
        Spoken spoken = step.spoken();
        Fact fact = spoken.fact();
        return new StepView(step.n(), step.kind(), CueKind.of(step, working.steps()), step.part(), spoken.title(),
                step.place(), fact.text(),
                fact.asked(), fact.sign() == 0 ? null : new FindView(String.valueOf(fact.sign()), fact.numbers()),
                spoken.say(), spoken.ask(), expects, mine, asked, small, answers, ring);
    }
}
