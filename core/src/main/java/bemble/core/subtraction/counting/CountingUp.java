package bemble.core.subtraction.counting;

import bemble.core.hand.Answer;
import bemble.core.hand.Decision;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.hand.Said;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Subtraction;
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
import java.util.ArrayList;
import java.util.List;

/** Jumps along a number line from the subtrahend to the minuend, and adds the jumps. */
public final class CountingUp implements Method<Subtraction> {
    /** No minuend is so far away that more are needed. */
    private static final int MOST_JUMPS = 200;

    @Override
    public MethodName name() {
        return MethodName.COUNTING_UP;
    }

    @Override
    public Outcome write(Subtraction subtraction, Desk desk) {
        int decimals = Math.max(subtraction.minuend().decimals(), subtraction.subtrahend().decimals());
        Numeral minuend = subtraction.minuend().padded(decimals);
        Block line =
                desk.block(BlockName.Kind.LINE, desk.start()).line(NumberLine.SIZES).line(NumberLine.ARCS)
                        .line(NumberLine.TICKS);
        Block sizes =
                desk.block(BlockName.Kind.JUMPS, Placement.under(line, 1).shifted(subtraction.minuend().length()));
        NumberLine numberLine = NumberLine.of(line, subtraction.minuend(), desk.style());
        char point = desk.style().point().punctuation().point();
        int from = desk.mark();
        desk.step(StepKind.SET_OUT, line, null, said -> setOut(said, subtraction));
        Numeral at = desk.ask(new Start(numberLine, subtraction.subtrahend())).padded(decimals);
        numberLine.draw(jumpsNeeded(at, minuend, decimals), desk);
        StackPaper paper = new StackPaper(sizes, desk).above();
        List<Numeral> jumps = new ArrayList<>();
        while (at.compareTo(minuend) < 0 && jumps.size() < MOST_JUMPS) {
            int number = jumps.size() + 1;
            Line row = Line.addend(number);
            sizes.line(row);
            desk.step(StepKind.JUMP, line, null, CountingUp::jump);
            numberLine.arc(number, desk);
            Numeral to = desk.ask(new NextStop(numberLine, number, at, minuend, decimals, sizes, row));
            jumps.add(desk.ask(new JumpSize(numberLine, sizes, row, number, at, to, point)));
            at = to;
        }
        int end = desk.mark();
        Numeral answer = addUp(jumps, paper, sizes, decimals, point, desk);
        return new Outcome(Answer.of(answer, desk.style()), () -> record(desk.decisions(from, end)));
    }

    /** How long the line is drawn, before the first jump is taken. */
    private static int jumpsNeeded(Numeral from, Numeral minuend, int decimals) {
        int jumps = 0;
        for (Numeral at = from; at != null && jumps < MOST_JUMPS; jumps++) {
            at = NextStop.after(at, minuend, decimals);
        }
        return jumps - 1;
    }

    private static Numeral addUp(List<Numeral> jumps, StackPaper paper, Block sizes, int decimals, char point,
            Desk desk) {
        if (jumps.size() > 1) {
            return paper.addUp(Stack.of(jumps), Line.addend(jumps.size()), said -> Spoken.of("Add the jumps",
                    "Now add the jumps: together they are the difference.", "")).sum();
        }
        if (jumps.size() == 1) {
            desk.answerStandsIn(sizes, Line.addend(1));
            return jumps.get(0);
        }
        paper.below();
        desk.answerStandsIn(sizes, Line.ANSWER);
        desk.step(StepKind.JUMP, sizes, null, said -> new Spoken("Jumps", Fact.of("0"),
                "Both numbers are the same: there is nothing to jump, the difference is 0.", "How far is it?"));
        return desk.ask(new NoJump(sizes, decimals, point));
    }

    private static CountingUpRecord record(List<Decision<?>> decisions) {
        List<Jump> jumps = new ArrayList<>();
        for (Decision<?> decision : decisions) {
            if (decision.asked() instanceof JumpSize jump) {
                jumps.add(new Jump(jump.from().plain(), jump.to().plain(), ((Numeral) decision.decided()).plain()));
            }
        }
        return new CountingUpRecord(jumps);
    }

    private static Spoken setOut(Said said, Subtraction subtraction) {
        String start = said.style().number(subtraction.subtrahend());
        return Spoken.of("Set out", "How far is it from " + start + " to " + said.style().number(subtraction.minuend())
                + "? Start at " + start + " on a number line.", "");
    }

    private static Spoken jump(Said said) {
        JumpSize jump = said.asked(JumpSize.class);
        String from = said.style().number(jump.from());
        String to = said.style().number(jump.to());
        String size = said.style().number(said.decided(JumpSize.class));
        return new Spoken("Jumps", Fact.of(from + " + " + size, " = ", to),
                "From " + from + " jump " + size + " to " + to + ".",
                "From " + from + ": how far to the next round number, and which is it?");
    }
}
