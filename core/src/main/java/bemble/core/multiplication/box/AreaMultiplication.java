package bemble.core.multiplication.box;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Multiplication;
import bemble.core.stack.LineUp;
import bemble.core.stack.Stack;
import bemble.core.stack.adding.StackPaper;
import bemble.core.style.MethodName;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Fact;
import bemble.core.working.Line;
import bemble.core.working.Placement;
import bemble.core.working.Spoken;
import bemble.core.working.StepKind;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** Multiplies every part of one number by every part of the other in a box, and adds the rows; the parts are the writer's choice. */
public final class AreaMultiplication implements Method<Multiplication> {
    @Override
    public MethodName name() {
        return MethodName.AREA;
    }

    @Override
    public Outcome write(Multiplication multiplication, Desk desk) {
        Numeral first = multiplication.multiplicand();
        Numeral second = multiplication.multiplier();
        int columns = Expanded.of(first).size();
        AreaBox empty = new AreaBox(desk.block(BlockName.Kind.BOX, desk.start()), columns, columns,
                AreaBox.slotFor(first.length() + second.length()), desk.style());
        desk.step(StepKind.SET_OUT, empty.block(), null, said -> setOut(said, multiplication));
        List<BigInteger> across = desk.ask(new Parts(empty, first, true));
        List<BigInteger> down = desk.ask(new Parts(empty, second, false));
        AreaBox box = empty.across(across.size());
        box.lines(Math.max(down.size(), Expanded.of(second).size()));
        box.draw(down.size(), desk);
        List<List<BigInteger>> cells = new ArrayList<>();
        for (int row = 0; row < down.size(); row++) {
            List<BigInteger> line = new ArrayList<>();
            for (int column = 0; column < across.size(); column++) {
                desk.step(StepKind.PRODUCT, box.block(), null, AreaMultiplication::cell);
                line.add(desk.ask(new Cell(box, row, column, across.get(column), down.get(row))));
            }
            cells.add(line);
        }
        List<BigInteger> totals = new ArrayList<>();
        for (int row = 0; row < down.size(); row++) {
            desk.step(StepKind.PART, box.block(), null, AreaMultiplication::rowTotal);
            totals.add(desk.ask(new RowTotal(box, row, down.get(row), List.copyOf(cells.get(row)))));
        }
        desk.answerStandsIn(box.block(), Line.of(Line.Kind.ROW, 1));
        Numeral answer = totals.size() == 1 ? Numeral.of(totals.get(0)) : addRows(totals, box.block(), desk);
        return new Outcome(Answer.of(answer, desk.style()), () -> new AreaRecord(texts(across), texts(down),
                cells.stream().map(AreaMultiplication::texts).toList(), texts(totals)));
    }

    private static Numeral addRows(List<BigInteger> totals, Block box, Desk desk) {
        Block block = desk.block(BlockName.Kind.ROWS, Placement.under(box, 1));
        List<Numeral> numbers = totals.stream().map(Numeral::of).toList();
        List<Line> lines = new ArrayList<>();
        StackPaper paper = new StackPaper(block, desk).above();
        for (int i = 1; i <= numbers.size(); i++) {
            block.line(Line.addend(i));
            lines.add(Line.addend(i));
        }
        Line last = Line.addend(numbers.size());
        paper.below();
        desk.step(StepKind.SET_OUT, block, null, said -> Spoken.of("Add the rows",
                "Now set the " + numbers.size() + " row totals out and add them.", ""));
        Stack stack = new Stack(desk.ask(new LineUp(block, lines, numbers, false, '.')));
        paper.ruleOff(last, stack, Operation.ADDITION);
        return paper.add(stack, last).sum();
    }

    private static List<String> texts(List<BigInteger> numbers) {
        return numbers.stream().map(BigInteger::toString).toList();
    }

    private static Spoken setOut(Said said, Multiplication multiplication) {
        List<Parts> asked = said.allAsked(Parts.class);
        List<List<BigInteger>> decided = said.allDecided(Parts.class);
        return Spoken.of("Set out", "Draw a box. Along the top stands "
                + expanded(said, multiplication.multiplicand(), asked.get(0).orCareful(decided.get(0)))
                + ", down the side "
                + expanded(said, multiplication.multiplier(), asked.get(1).orCareful(decided.get(1))) + ".", "");
    }

    private static String expanded(Said said, Numeral number, List<BigInteger> parts) {
        String whole = said.style().number(number);
        return parts.size() == 1 ? whole
                : whole + " as " + String.join(" + ", parts.stream().map(part -> number(said, part)).toList());
    }

    private static Spoken cell(Said said) {
        Cell cell = said.asked(Cell.class);
        String fact = number(said, cell.down()) + " × " + number(said, cell.across());
        String product = number(said, said.decided(Cell.class));
        boolean small = cell.down().bitLength() < 5 && cell.across().bitLength() < 5;
        return new Spoken("Row of " + number(said, cell.down()), small
                ? Fact.of(fact, product, '×', List.of(cell.down().intValue(), cell.across().intValue()))
                : Fact.of(fact, " = ", product),
                number(said, cell.down()) + " times " + number(said, cell.across()) + " is " + product
                        + ". Write it in the box where both meet.",
                "What is " + fact + "?");
    }

    private static Spoken rowTotal(Said said) {
        RowTotal row = said.asked(RowTotal.class);
        String terms = String.join(" + ", row.cells().stream().map(cell -> number(said, cell)).toList());
        String total = number(said, said.decided(RowTotal.class));
        return new Spoken("Row totals", Fact.of(terms, " = ", total),
                row.cells().size() == 1 ? "The row of " + number(said, row.part()) + " has one number: " + total + "."
                        : "The row of " + number(said, row.part()) + ": " + terms + " makes " + total
                                + ". Write it beside the row.",
                "What does the row of " + number(said, row.part()) + " make?");
    }

    private static String number(Said said, BigInteger number) {
        return said.style().number(Numeral.of(number));
    }
}
