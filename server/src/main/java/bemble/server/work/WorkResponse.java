package bemble.server.work;

import bemble.core.check.Check;
import bemble.core.problem.Numeral;
import bemble.core.record.Answer;
import bemble.core.record.WorkRecord;
import bemble.core.sheet.Sheet;
import bemble.core.sheet.SheetMark;
import bemble.core.work.Worked;
import bemble.core.working.Mark;
import bemble.core.working.Spot;
import bemble.core.working.Step;
import bemble.core.working.Working;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A problem worked: the answer, the record, the check, the paper in squares, and the steps. */
public record WorkResponse(
        @NotNull String problem,
        @NotNull String operation,
        @NotNull List<String> operands,
        @NotNull int decimals,
        @NotNull String method,
        String slip,
        @NotNull AnswerView answer,
        @NotNull @Schema(type = "object") WorkRecord record,
        @NotNull CheckView check,
        @NotNull SheetView sheet,
        @NotNull List<StepView> steps) {

    /** The answer; what does not apply is left out. */
    public record AnswerView(@NotNull String value, String remainder, Boolean exact, String rounded,
                             @NotNull String text) {
        static AnswerView of(Answer answer) {
            return new AnswerView(answer.value(), answer.remainder(), answer.exact(), answer.rounded(), answer.text());
        }
    }

    /** The check with the sums worked for it. */
    public record CheckView(@NotNull String kind, @NotNull String statement, @NotNull String expected,
                            @NotNull String actual, @NotNull boolean holds, @NotNull List<SumView> workings) {
        static CheckView of(Check check) {
            return new CheckView(check.kind(), check.statement(), check.expected(), check.actual(), check.holds(),
                    check.workings().stream().map(SumView::of).toList());
        }
    }

    /** One sum worked for a check. */
    public record SumView(@NotNull String operation, @NotNull List<String> operands, @NotNull String method,
                          @NotNull AnswerView answer, @NotNull @Schema(type = "object") WorkRecord record) {
        static SumView of(Check.Sum sum) {
            return new SumView(sum.operation(), sum.operands(), sum.method(), AnswerView.of(sum.answer()),
                    sum.record());
        }
    }

    /** The paper in squares. */
    public record SheetView(@NotNull int rows, @NotNull int columns, @NotNull List<MarkView> marks) {
        static SheetView of(Sheet sheet) {
            return new SheetView(sheet.rows(), sheet.columns(), sheet.marks().stream().map(MarkView::of).toList());
        }
    }

    /** A mark in its square, with the step that puts it there and the step that takes it away. */
    public record MarkView(@NotNull int step, Integer until, @NotNull String kind, @NotNull String block,
                           @NotNull String line, @NotNull int place, @NotNull int row, @NotNull int column,
                           Integer toRow, Integer toColumn, @NotNull String text, @NotNull String role,
                           @NotNull String size, @NotNull String anchor) {
        static MarkView of(SheetMark mark) {
            return new MarkView(mark.step(), mark.until(), mark.kind(), mark.block(), mark.line(), mark.place(),
                    mark.row(), mark.column(), mark.toRow(), mark.toColumn(), mark.text(), mark.role(), mark.size(),
                    mark.anchor());
        }
    }

    /**
     * One step.
     *
     * @param part whether it belongs to the work or to its check
     * @param title the heading it is listed under
     * @param marks the places of its marks in the sheet's list
     * @param answers of these, the places of those in the line that reads the answer
     */
    public record StepView(@NotNull int n, @NotNull String kind, @NotNull String part, @NotNull String title,
                           Integer place, @NotNull String fact, @NotNull String say, @NotNull String ask,
                           @NotNull List<String> expects, @NotNull List<Integer> marks,
                           @NotNull List<Integer> answers) {}

    static WorkResponse of(Worked worked) {
        return new WorkResponse(worked.problem().text(), worked.problem().operation().id(),
                worked.problem().operands().stream().map(Numeral::plain).toList(), worked.problem().decimals(),
                worked.method(), worked.slip() == null ? null : worked.slip().id(), AnswerView.of(worked.answer()), worked.record(), CheckView.of(worked.check()),
                SheetView.of(worked.sheet()), steps(worked));
    }

    private static List<StepView> steps(Worked worked) {
        Map<Integer, List<Mark>> written = worked.working().marksByStep();
        Map<Integer, List<Integer>> laid = new HashMap<>();
        List<SheetMark> marks = worked.sheet().marks();
        Optional<Spot> answer = worked.working().answerLine(worked.answer().value());
        for (int i = 0; i < marks.size(); i++) {
            laid.computeIfAbsent(marks.get(i).step(), n -> new ArrayList<>()).add(i);
        }
        return worked.working().steps().stream().map(step -> view(step,
                Working.expects(written.getOrDefault(step.n(), List.of())),
                laid.getOrDefault(step.n(), List.of()), laid.getOrDefault(step.n(), List.of()).stream()
                        .filter(i -> answer.isPresent() && isIn(answer.get(), marks.get(i))).toList())).toList();
    }

    private static boolean isIn(Spot answer, SheetMark mark) {
        return mark.block().equals(answer.block().id()) && mark.line().equals(answer.line());
    }

    private static StepView view(Step step, List<String> expects, List<Integer> marks, List<Integer> answers) {
        return new StepView(step.n(), step.kind().id(), step.part().id(), step.title(), step.place(),
                step.spoken().fact(), step.spoken().say(), step.spoken().ask(), expects, marks, answers);
    }
}
