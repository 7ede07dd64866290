package bemble.core.addition;

import bemble.core.hand.Answer;
import bemble.core.hand.Decision;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem.Addition;
import bemble.core.stack.LineUp;
import bemble.core.stack.Placed;
import bemble.core.stack.Stack;
import bemble.core.stack.adding.StackPaper;
import bemble.core.stack.adding.Total;
import bemble.core.style.MethodName;
import bemble.core.style.option.PartSums;
import bemble.core.words.Words;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Fact;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spoken;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;

/** Leaves the numbers side by side, adds what each place is worth from the highest down, and adds those parts. */
public final class PartialSums implements Method<Addition> {
    private static final Line ARCS = Line.of(Line.Kind.ARCS);
    private static final Line NUMBER = Line.of(Line.Kind.NUMBER);

    @Override
    public MethodName name() {
        return MethodName.PARTIAL_SUMS;
    }

    @Override
    public Outcome write(Addition addition, Desk desk) {
        Stack numbers = Stack.of(addition.addends());
        List<Block> row = sideBySide(numbers, desk);
        if (desk.style().partSums() == PartSums.ONE_LINE) {
            return inOneLine(numbers, row, desk);
        }
        Block parts = desk.block(BlockName.Kind.PARTS, Placement.under(row.get(0), 0));
        if (desk.style().partSums() != PartSums.COLUMNS && numbers.highest() > numbers.lowest()) {
            return addedOn(numbers, row, parts, desk);
        }
        StackPaper paper = new StackPaper(parts, desk).above();
        int from = desk.mark();
        List<Numeral> values = new ArrayList<>();
        char point = desk.style().point().punctuation().point();
        for (int place = numbers.highest(); place >= numbers.lowest(); place--) {
            int total = total(numbers, row, place, desk);
            Line line = Line.addend(values.size() + 1);
            parts.line(line);
            values.add(desk.ask(new PartValue(parts, line, place, total, point)));
        }
        int to = desk.mark();
        Numeral sum = values.get(0);
        if (values.size() > 1) {
            sum = paper.addUp(Stack.of(values), Line.addend(values.size()), said -> addUp(values, said)).sum();
        } else {
            desk.answerStandsIn(parts, Line.addend(1));
        }
        return new Outcome(Answer.of(sum, desk.style()), () -> record(desk.decisions(from, to)));
    }

    private static int total(Stack numbers, List<Block> row, int place, Desk desk) {
        desk.step(StepKind.PART, row.get(0), place, PartialSums::part);
        int total = desk.ask(new Total(place, numbers.digitsAt(place), 0));
        join(numbers, row, place, desk);
        return total;
    }

    /** Each place is added to what all places before it are worth. */
    private static Outcome addedOn(Stack numbers, List<Block> row, Block totals, Desk desk) {
        boolean jots = desk.style().partSums() == PartSums.JOTTED;
        char point = desk.style().point().punctuation().point();
        int from = desk.mark();
        Numeral sum = Numeral.ZERO;
        for (int place = numbers.highest(); place >= numbers.lowest(); place--) {
            int n = numbers.highest() - place;
            boolean last = place == numbers.lowest();
            int count = total(numbers, row, place, desk);
            Line line = last ? Line.ANSWER : Line.addend(n + 1);
            Block written = jots || last ? totals.line(line) : null;
            Numeral part = desk.ask(new PartValue(n == 0 ? written : null, line, place, count, point));
            sum = n == 0 ? part : desk.ask(new RunningTotal(written, line, place, n, last, sum, part, point));
        }
        desk.answerStandsIn(totals, Line.ANSWER);
        int to = desk.mark();
        return new Outcome(Answer.of(sum, desk.style()), () -> record(desk.decisions(from, to)));
    }

    /** The parts stand behind an equals sign, and are added on from the left when all stand there. */
    private static Outcome inOneLine(Stack numbers, List<Block> row, Desk desk) {
        char point = desk.style().point().punctuation().point();
        int from = desk.mark();
        List<Numeral> values = new ArrayList<>();
        Block before = row.get(row.size() - 1);
        for (int place = numbers.highest(); place >= numbers.lowest(); place--) {
            int total = total(numbers, row, place, desk);
            Line line = Line.addend(values.size() + 1);
            Block part = desk.block(BlockName.Kind.PARTS, Placement.rightOf(before, null, 0)).line(ARCS).line(line);
            Numeral value = desk.ask(new PartValue(part, line, place, total, point));
            desk.sign(part.at(line, value.highest() + 1), values.isEmpty() ? "=" : Operation.ADDITION.sign());
            values.add(value);
            before = part;
        }
        int to = desk.mark();
        if (values.size() < 2) {
            desk.answerStandsIn(before, Line.addend(1));
            return new Outcome(Answer.of(values.get(0), desk.style()), () -> record(desk.decisions(from, to)));
        }
        Block sum = desk.block(BlockName.Kind.PARTS, Placement.rightOf(before, null, 0)).line(ARCS).line(Line.ANSWER);
        desk.step(StepKind.PART, sum, null, PartialSums::addOn);
        Numeral all = values.get(0);
        for (int n = 1; n < values.size(); n++) {
            boolean last = n == values.size() - 1;
            all = desk.ask(new RunningTotal(last ? sum : null, Line.ANSWER, numbers.highest() - n, n, last, all,
                    values.get(n), point));
        }
        desk.sign(sum.at(Line.ANSWER, all.highest() + 1), "=");
        desk.answerStandsIn(sum, Line.ANSWER);
        return new Outcome(Answer.of(all, desk.style()), () -> record(desk.decisions(from, to)));
    }

    /** All parts that stand in a line are added on, one after the other; parts that are 0 are passed over. */
    private static Spoken addOn(Said said) {
        List<Numeral> totals = new ArrayList<>();
        totals.add(said.asked(RunningTotal.class).before());
        List<Numeral> decided = said.allDecided(RunningTotal.class);
        List<RunningTotal> asked = said.allAsked(RunningTotal.class);
        for (int i = 0; i < decided.size(); i++) {
            if (!asked.get(i).part().isZero() || i == decided.size() - 1) {
                totals.add(decided.get(i));
            }
        }
        return Spoken.of("Add the parts", "Add the parts on from the left: "
                + String.join(" … ", totals.stream().map(said.style()::number).toList()) + ". Write "
                + said.style().number(last(said)) + " behind an equals sign.", "How much are the parts together?");
    }

    private static Numeral last(Said said) {
        List<Numeral> decided = said.allDecided(RunningTotal.class);
        return decided.get(decided.size() - 1);
    }

    private static PartialSumsRecord record(List<Decision<?>> decisions) {
        List<PartialSum> parts = new ArrayList<>();
        Total total = null;
        for (Decision<?> decision : decisions) {
            if (decision.asked() instanceof Total asked) {
                total = asked;
            } else if (decision.asked() instanceof PartValue && total != null) {
                parts.add(new PartialSum(total.place(), total.digits(), ((Numeral) decision.decided()).plain()));
            }
        }
        return new PartialSumsRecord(parts);
    }

    private static List<Block> sideBySide(Stack numbers, Desk desk) {
        List<Block> row = new ArrayList<>();
        for (Placed number : numbers.numbers()) {
            Placement where = row.isEmpty() ? desk.start() : Placement.rightOf(row.get(row.size() - 1), null, 0);
            Block block = desk.block(BlockName.Kind.ADDEND, where).line(ARCS).line(NUMBER);
            if (row.isEmpty()) {
                desk.step(StepKind.SET_OUT, block, null, PartialSums::setOut);
            } else {
                desk.sign(block.at(NUMBER, number.highest() + 1), Operation.ADDITION.sign());
            }
            desk.ask(new StackPaper(block, desk).lineUp(List.of(NUMBER), List.of(number.number()), false));
            row.add(block);
        }
        return row;
    }

    /** Arcs from digit to digit of one place, while they are added. */
    private static void join(Stack numbers, List<Block> row, int place, Desk desk) {
        Block last = null;
        for (int i = 0; i < row.size() && desk.draws(); i++) {
            if (numbers.numbers().get(i).has(place)) {
                if (last != null) {
                    desk.drawForAWhile(MarkKind.ARC, last.at(NUMBER, place), row.get(i).at(NUMBER, place), "",
                            Role.FRAME,
                            Size.FULL, Anchor.HIGH);
                }
                last = row.get(i);
            }
        }
    }

    private static Spoken setOut(Said said) {
        List<String> numbers = said.allAsked(LineUp.class).stream()
                .map(lineUp -> said.style().number(lineUp.numbers().get(0))).toList();
        return Spoken.of("Set out", "Write " + Words.list(numbers) + " side by side. Add place by place, "
                + "beginning with the highest.", "");
    }

    /** One place is added. */
    private static Spoken part(Said said) {
        Words words = said.words();
        Total column = said.asked(Total.class);
        int total = said.decided(Total.class);
        String addends = words.addends(column.digits(), column.place());
        String say = column.digits().size() < 2 && total == column.careful() ? "only " + addends
                : addends + " are " + words.count(total, column.place());
        List<Integer> terms = words.inOrder(column.digits(), 0);
        String asked = String.join(" + ", terms.stream().map(String::valueOf).toList());
        return new Spoken(words.title(column.place()),
                Fact.of(asked.isEmpty() ? "nothing" : asked, Integer.toString(total), '+', terms),
                words.title(column.place()) + ": " + say + worth(said),
                words.title(column.place()) + ": " + addends + ". What are they worth together?");
    }

    private static String worth(Said said) {
        String part = said.style().number(said.decided(PartValue.class));
        if (said.has(RunningTotal.class)) {
            RunningTotal asked = said.asked(RunningTotal.class);
            String now = said.style().number(said.decided(RunningTotal.class));
            return said.decided(RunningTotal.class).value().compareTo(asked.before().value()) == 0
                    && !asked.part().isZero()
                            ? ". It stays " + now + written(asked.block() != null, now)
                            : (asked.place() == 0 ? ". " : ", " + part + ". ") + said.style().number(asked.before())
                                    + " and " + part + " are " + now + written(asked.block() != null, now);
        }
        boolean kept = said.asked(PartValue.class).block() == null;
        return kept ? ": keep " + part + " in mind." : ". Write " + part + ".";
    }

    private static String written(boolean written, String now) {
        return written ? ": write " + now + "." : ".";
    }

    private static Spoken addUp(List<Numeral> parts, Said said) {
        return Spoken.of("Add the parts", "Now add the parts: "
                + Words.list(parts.stream().map(said.style()::number).toList()) + ".", "");
    }
}
