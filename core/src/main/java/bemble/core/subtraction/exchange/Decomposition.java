package bemble.core.subtraction.exchange;

import bemble.core.hand.Decision;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.style.MethodName;
import bemble.core.subtraction.column.Difference;
import bemble.core.subtraction.column.Exchange;
import bemble.core.subtraction.column.ExchangeWords;
import bemble.core.subtraction.column.Lowered;
import bemble.core.subtraction.column.NeedsTen;
import bemble.core.subtraction.column.Raised;
import bemble.core.subtraction.column.SubtractedColumn;
import bemble.core.subtraction.column.SubtractionPaper;
import bemble.core.subtraction.column.TopFigures;
import bemble.core.subtraction.counting.LastTogether;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/** Subtracts from the right; where the top digit is too small, one of the next place is exchanged for ten. */
public final class Decomposition implements Method<Subtraction> {
    @Override
    public MethodName name() {
        return MethodName.DECOMPOSITION;
    }

    @Override
    public Outcome write(Subtraction subtraction, Desk desk) {
        return write(SubtractionPaper.setOut(subtraction, desk), desk);
    }

    /** Takes one number from another that both stand on the paper already. */
    public static Outcome write(SubtractionPaper paper, Desk desk) {
        TopFigures tops = new TopFigures(paper.minuend(), paper.lowest(), paper.highest(), paper.block(),
                paper.minuendLine());
        ExchangeWriter exchanges = new ExchangeWriter(paper.block(), paper.minuendLine(), tops, desk);
        int from = desk.mark();
        paper.pointFirst();
        for (int place = paper.lowest(); place <= paper.highest(); place++) {
            int bottom = paper.subtrahend().digit(place);
            if (desk.style().decidesAloud()) {
                desk.step(StepKind.DECIDE, paper.block(), place, ExchangeWords::enough);
            }
            boolean needs = exchanges.needsTen(place, bottom, place == paper.highest());
            if (needs && paper.takesTogether(place, tops, bottom)) {
                desk.step(StepKind.DIFFERENCE, paper.block(), place, ExchangeWords::column);
                paper.difference(place, 10 + tops.at(place), bottom, 0, bottom, true, true);
                break;
            }
            if (needs) {
                exchanges.bringTen(place, bottom);
            }
            desk.step(StepKind.DIFFERENCE, paper.block(), place, ExchangeWords::column);
            paper.difference(place, tops.at(place), bottom, 0, bottom, tops.isUntouched(place),
                    place > 0 && isUsedUp(tops, paper, place + 1));
        }
        int to = desk.mark();
        return new Outcome(paper.answer(), () -> record(desk.decisions(from, to)));
    }

    /** Whether the columns from a place on leave nothing, so that no 0 is written in front. */
    private static boolean isUsedUp(TopFigures tops, SubtractionPaper paper, int from) {
        for (int place = from; place <= paper.highest(); place++) {
            if (tops.at(place) != paper.subtrahend().digit(place)) {
                return false;
            }
        }
        return true;
    }

    private static DecompositionRecord record(List<Decision<?>> decisions) {
        List<SubtractedColumn> columns = new ArrayList<>();
        List<Exchange> exchanges = new ArrayList<>();
        boolean exchanged = false;
        Lowered lowered = null;
        int after = 0;
        for (Decision<?> decision : decisions) {
            if (decision.asked() instanceof NeedsTen) {
                exchanged = (Boolean) decision.decided();
            } else if (decision.asked() instanceof LastTogether last && (Boolean) decision.decided()) {
                exchanges.add(new Exchange(last.place() + 1, last.place(), 1, 0, last.top(), 10 + last.top()));
            } else if (decision.asked() instanceof Lowered asked) {
                lowered = asked;
                after = (Integer) decision.decided();
            } else if (decision.asked() instanceof Raised raised && lowered != null) {
                exchanges.add(new Exchange(lowered.place(), raised.place(), lowered.before(), after, raised.before(),
                        (Integer) decision.decided()));
            } else if (decision.asked() instanceof Difference column) {
                columns.add(new SubtractedColumn(column.place(), column.top(), column.bottom(),
                        decision.written() ? (Integer) decision.decided() : 0, exchanged));
            }
        }
        return new DecompositionRecord(columns, exchanges);
    }
}
