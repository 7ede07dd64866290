package bemble.core.order;

import bemble.core.hand.Written;
import bemble.core.style.option.AnswerMark;
import bemble.core.working.Anchor;
import bemble.core.working.Figure;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import java.util.IntSummaryStatistics;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/** The answer marked off from the working, where the style has it. */
final class AnswerMarked {
    private AnswerMarked() {}

    /** Draws what marks off the answer, round or under the figures that stand in its line. */
    static void draw(Written written) {
        Spot answer = written.answerStands();
        MarkKind kind = kind(written.style().answerMark());
        if (answer == null || kind == null) {
            return;
        }
        IntSummaryStatistics places = written.decisions().stream()
                .flatMap(decision -> decision.ink().stream()).filter(figure -> standsIn(figure, answer))
                .flatMapToInt(AnswerMarked::places).summaryStatistics();
        if (places.getCount() > 0) {
            written.desk().draw(kind, answer.block().at(answer.line(), places.getMax()),
                    answer.block().at(answer.line(), places.getMin()), "", Role.FRAME, Size.FULL, Anchor.MIDDLE);
        }
    }

    private static @Nullable MarkKind kind(AnswerMark mark) {
        return switch (mark) {
            case NONE, COPIED -> null;
            case BOXED -> MarkKind.FRAME;
            case RINGED -> MarkKind.RING;
            case RULED -> MarkKind.RULE_BELOW;
            case UNDERLINED -> MarkKind.DOUBLE_RULE;
        };
    }

    private static boolean standsIn(Figure figure, Spot answer) {
        return figure.at().block().equals(answer.block()) && figure.at().line().equals(answer.line())
                && figure.isFull();
    }

    private static IntStream places(Figure figure) {
        Spot to = figure.to();
        return to == null ? IntStream.of(figure.at().place()) : IntStream.of(figure.at().place(), to.place());
    }
}
