package bemble.core.subtraction.equal;

import bemble.core.hand.Decision;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.hand.Said;
import bemble.core.hand.Stuck;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.stack.adding.GoesTo;
import bemble.core.style.MethodName;
import bemble.core.subtraction.column.Difference;
import bemble.core.subtraction.column.ExchangeWords;
import bemble.core.subtraction.column.NeedsTen;
import bemble.core.subtraction.column.SubtractionPaper;
import bemble.core.subtraction.column.TopFigures;
import bemble.core.subtraction.counting.LastTogether;
import bemble.core.subtraction.exchange.TopKept;
import bemble.core.words.Words;
import bemble.core.working.Fact;
import bemble.core.working.Line;
import bemble.core.working.Spoken;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/** Subtracts from the right; where the top digit is too small, ten are added above and one of the next place below. */
public final class EqualAdditions implements Method<Subtraction> {
    @Override
    public MethodName name() {
        return MethodName.EQUAL_ADDITIONS;
    }

    @Override
    public Outcome write(Subtraction subtraction, Desk desk) {
        SubtractionPaper paper = SubtractionPaper.setOut(subtraction, desk);
        int from = desk.mark();
        TopFigures tops = new TopFigures(paper.minuend(), paper.lowest(), paper.highest(), paper.block(),
                SubtractionPaper.MINUEND);
        paper.pointFirst();
        int[] paid = new int[paper.highest() - paper.lowest() + 1];
        for (int place = paper.lowest(); place <= paper.highest(); place++) {
            int top = tops.at(place);
            int bottom = paper.subtrahend().digit(place);
            int payBack = paid[place - paper.lowest()];
            if (desk.style().decidesAloud()) {
                desk.step(StepKind.DECIDE, paper.block(), place, ExchangeWords::enough);
            }
            int away = payBack == 0 ? bottom : desk.ask(new BelowAltogether(place, bottom, payBack));
            boolean last = place == paper.highest();
            boolean adds = desk.ask(new NeedsTen(place, top, away, true, paper.minuend().has(place),
                    last ? -1 : tops.at(place + 1), last));
            if (adds && last) {
                throw new Stuck("there is no further column to add one below in");
            }
            if (adds && paper.takesTogether(place, tops, away)) {
                desk.step(StepKind.DIFFERENCE, paper.block(), place, EqualAdditions::column);
                paper.difference(place, 10 + top, bottom, payBack, away, true, true);
                break;
            }
            int stands = top;
            if (adds) {
                desk.step(StepKind.EXCHANGE, paper.block(), place, said -> addTen(said, top, away));
                stands = desk.ask(new TenAbove(paper.block().at(SubtractionPaper.MINUEND, place), top));
            }
            if (!last) {
                addOneBelow(place, adds, paper, tops, paid, desk);
            }
            desk.step(StepKind.DIFFERENCE, paper.block(), place, EqualAdditions::column);
            paper.difference(place, stands, bottom, payBack, away, true,
                    place > 0 && isUsedUp(paper, tops, paid, place + 1));
        }
        int to = desk.mark();
        return new Outcome(paper.answer(), () -> record(desk.decisions(from, to), paper));
    }

    private static void addOneBelow(int place, boolean adds, SubtractionPaper paper, TopFigures tops, int[] paid,
            Desk desk) {
        int next = adds ? desk.ask(new GoesTo(place)) : place + 1;
        if (next > paper.highest()) {
            throw new Stuck("there is no column so far to the left");
        }
        Line line = desk.style().paysBackInAnswer() ? Line.ANSWER : SubtractionPaper.SUBTRAHEND;
        int below = desk.ask(new OneBelow(paper.block().at(line, next), place, adds, paid[next - paper.lowest()],
                !paper.subtrahend().has(next)));
        paid[next - paper.lowest()] += below;
        if (below > 0) {
            int before = tops.at(next);
            int kept = desk.ask(new TopKept(tops.spot(next), before));
            if (kept != before) {
                tops.set(next, kept, true);
            }
        }
    }

    /** Whether the columns from a place on leave nothing, so that no 0 is written in front. */
    private static boolean isUsedUp(SubtractionPaper paper, TopFigures tops, int[] paid, int from) {
        int next = 0;
        for (int place = from; place <= paper.highest(); place++) {
            int bottom = paper.subtrahend().digit(place) + paid[place - paper.lowest()] + next;
            if (tops.at(place) != bottom % 10) {
                return false;
            }
            next = bottom / 10;
        }
        return true;
    }

    private static EqualAdditionsRecord record(List<Decision<?>> decisions, SubtractionPaper paper) {
        List<PaidColumn> columns = new ArrayList<>();
        boolean added = false;
        boolean together = false;
        for (Decision<?> decision : decisions) {
            if (decision.asked() instanceof NeedsTen) {
                added = (Boolean) decision.decided();
            } else if (decision.asked() instanceof LastTogether && (Boolean) decision.decided()) {
                added = false;
                together = true;
            } else if (decision.asked() instanceof Difference column) {
                columns.add(
                        new PaidColumn(column.place(), together ? column.top() : paper.minuend().digit(column.place()),
                                column.bottom(), column.payBack(), added, (Integer) decision.decided()));
            }
        }
        return new EqualAdditionsRecord(columns);
    }

    /** Ten are added above and one of the next place below; the word “borrow” has no place here. */
    private static Spoken addTen(Said said, int top, int away) {
        Words words = said.words();
        int place = said.place();
        int stands = said.decided(TenAbove.class);
        int below = said.has(OneBelow.class) ? said.decided(OneBelow.class) : 0;
        String add = "Add 10 " + words.places(place) + " above";
        boolean lowers = said.has(TopKept.class) && said.decided(TopKept.class) != said.asked(TopKept.class).digit();
        String rest = below == 0 ? "." : " and " + words.count(below, place + 1) + " below"
                + (lowers ? ", and lower the digit above it too." : below == 1 ? ": the difference stays." : ".");
        return new Spoken(words.title(place), Fact.of("+ 10 " + words.places(place) + " above"
                + (below == 0 ? "" : ", + " + words.count(below, place + 1) + " below")),
                ExchangeWords.notEnough(said, place, top, away) + add + rest + written(said, top) + " Now there are "
                        + words.count(stands, place) + ".",
                words.title(place) + ": " + words.count(top, place) + ", and " + words.count(away, place)
                        + " to take away. What is added above, and what below?");
    }

    /** Where the small figures stand. */
    private static String written(Said said, int top) {
        String above = said.decided(TenAbove.class) == top ? "" : "A small 1 before the " + top + " above";
        String below = !said.has(OneBelow.class) || said.decided(OneBelow.class) == 0 ? ""
                : "a small " + said.decided(OneBelow.class)
                        + (said.style().paysBackInAnswer() ? " where the answer will stand in " : " below in ")
                        + said.words().column(said.asked(OneBelow.class).at().place());
        return above.isEmpty() && below.isEmpty() ? ""
                : " " + Words.capital(above.isEmpty() || below.isEmpty() ? above + below : above + ", " + below) + ".";
    }

    /** A column is subtracted. */
    private static Spoken column(Said said) {
        Words words = said.words();
        Difference column = said.asked(Difference.class);
        int place = column.place();
        int digit = said.decided(Difference.class);
        boolean turned = column.top() < column.away() && digit == column.away() - column.top();
        int from = turned ? column.away() : column.top();
        int gone = turned ? column.top() : column.away();
        boolean pays = column.payBack() > 0 && !turned;
        boolean inTwo = pays && said.style().paysBackLast() && column.top() >= column.bottom()
                && column.away() == column.bottom() + column.payBack();
        String before = pays && !inTwo
                ? column.bottom() + " and " + column.payBack() + " more, so " + words.count(gone, place)
                        + (gone == 1 ? " is" : " are") + " to go. " + Words.capital(words.count(from, place))
                : words.count(from, place);
        String away = inTwo ? words.count(column.bottom(), place) + " leaves "
                + words.count(from - column.bottom(), place) + ", and "
                + column.payBack() + " more away" : words.count(gone, place);
        return new Spoken(words.title(place), ExchangeWords.difference(from, gone, digit),
                words.title(place) + ": " + before + " " + words.takeAway() + " " + away + " leaves "
                        + words.count(digit, place) + ". " + ExchangeWords.written(said, place, digit),
                words.title(place) + ": " + words.count(column.top(), place) + " " + words.takeAway() + " "
                        + (column.payBack() == 0 ? words.count(column.bottom(), place)
                                : column.bottom() + " and " + column.payBack() + " more")
                        + ". What is left?");
    }
}
