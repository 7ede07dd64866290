package bemble.core.division.chunks;

import bemble.core.division.digits.DivisionPaper;
import bemble.core.division.digits.DivisionWords;
import bemble.core.hand.Answer;
import bemble.core.hand.Decision;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.hand.Said;
import bemble.core.hand.Stuck;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Division;
import bemble.core.stack.Left;
import bemble.core.stack.Stack;
import bemble.core.stack.adding.StackPaper;
import bemble.core.style.MethodName;
import bemble.core.style.carry.CarryPlace;
import bemble.core.words.Words;
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

/** Takes chunks of the divisor away until less than it is left, and adds up how many that were. */
public final class PartialQuotients implements Method<Division> {
    /** No hand takes away so many. */
    private static final int MOST_CHUNKS = 400;

    @Override
    public MethodName name() {
        return MethodName.PARTIAL_QUOTIENTS;
    }

    @Override
    public Outcome write(Division division, Desk desk) {
        DivisionPaper paper = DivisionPaper.setOut(division, false, desk);
        BigInteger divisor = paper.divisor();
        Block block = paper.block();
        Block side = desk.block(BlockName.Kind.CHUNKS, Placement.rightOf(block, DivisionPaper.DIVIDEND, 2));
        side.line(desk.carriesStand(CarryPlace.ABOVE_NEXT) ? Line.CARRIES : Line.of(Line.Kind.BESIDE_DIVIDEND));
        int from = desk.mark();
        List<Numeral> chunks = new ArrayList<>();
        BigInteger left = paper.dividend().wholeValue();
        Line line = Line.ANSWER;
        while (left.compareTo(divisor) >= 0) {
            if (chunks.size() > MOST_CHUNKS) {
                throw new Stuck("chunks so small lead nowhere");
            }
            line = Line.of(Line.Kind.PRODUCT, chunks.size() + 1);
            block.line(line);
            side.line(line);
            desk.step(StepKind.DIVIDE, block, null, PartialQuotients::chunk);
            BigInteger chunk = desk.ask(new Chunk(left, divisor, side, block, line));
            chunks.add(Numeral.of(desk.ask(new ChunkNoted(side, line, chunk))));
            desk.step(StepKind.MULTIPLY, block, null, PartialQuotients::multiply);
            BigInteger product = desk.ask(new ChunkTimes(block, line, chunk, divisor));
            Line rest = Line.of(Line.Kind.DIFFERENCE, chunks.size());
            block.line(rest);
            side.line(rest);
            desk.figure(StepKind.SUBTRACT, block, null, PartialQuotients::subtract);
            desk.rule(block, rest, paper.dividend().highest(), 0);
            left = desk.ask(new Left(block, rest, 0, left, product, true, true));
        }
        int to = desk.mark();
        Numeral quotient = addUp(chunks, side, line, desk);
        Line stands = chunks.size() == 1 ? line : Line.ANSWER;
        desk.answerStandsIn(side, stands);
        Answer answer = paper.finish(quotient, left, side, stands);
        return new Outcome(answer, () -> record(desk.decisions(from, to)));
    }

    private static Numeral addUp(List<Numeral> chunks, Block side, Line last, Desk desk) {
        if (chunks.size() > 1) {
            return new StackPaper(side, desk).addUp(Stack.of(chunks), last, said -> Spoken.of("Add the chunks",
                    "Now add the chunks: together they are the quotient.", "")).sum();
        }
        if (chunks.size() == 1) {
            return chunks.get(0);
        }
        side.line(Line.ANSWER);
        desk.step(StepKind.DIVIDE, side, null, said -> new Spoken("Chunks", Fact.of("0"),
                "The divisor is more than all there is: not even 1 each. The quotient is 0.",
                "How many chunks can go?"));
        desk.ask(new NoChunk(side.at(Line.ANSWER, 0)));
        return Numeral.ZERO;
    }

    private static PartialQuotientsRecord record(List<Decision<?>> decisions) {
        List<ChunkStage> stages = new ArrayList<>();
        BigInteger chunk = BigInteger.ZERO;
        for (Decision<?> decision : decisions) {
            if (decision.asked() instanceof Chunk) {
                chunk = (BigInteger) decision.decided();
            } else if (decision.asked() instanceof Left left) {
                stages.add(new ChunkStage(left.from().toString(), chunk.toString(), left.product().toString(),
                        decision.decided().toString()));
            }
        }
        return new PartialQuotientsRecord(stages);
    }

    private static Spoken chunk(Said said) {
        Chunk asked = said.asked(Chunk.class);
        String chunk = DivisionWords.number(said, said.decided(Chunk.class));
        String divisor = DivisionWords.number(said, asked.divisor());
        String partial = DivisionWords.number(said, asked.partial());
        return new Spoken("Chunk", Fact.of(partial + " ÷ " + divisor, " → ", chunk),
                "From " + partial + " take away " + (chunk.equals("1") ? "1 lot of " + divisor
                        : "easy lots of " + divisor + ": " + chunk + " lots") + ". Write "
                        + DivisionWords.number(said, said.decided(ChunkNoted.class)) + " at the side.",
                "How many lots of " + divisor + " go from " + partial + " at once?");
    }

    private static Spoken multiply(Said said) {
        ChunkTimes times = said.asked(ChunkTimes.class);
        String asked = DivisionWords.number(said, times.chunk()) + " × " + DivisionWords.number(said, times.divisor());
        String product = DivisionWords.number(said, said.decided(ChunkTimes.class));
        boolean one = times.chunk().equals(BigInteger.ONE);
        return new Spoken("Chunk", Fact.of(asked, " = ", product),
                DivisionWords.number(said, times.chunk()) + (one ? " lot of " : " lots of ")
                        + DivisionWords.number(said, times.divisor()) + (one ? " is " : " are ") + product + ".",
                "What is " + asked + "?");
    }

    private static Spoken subtract(Said said) {
        Left left = said.asked(Left.class);
        BigInteger rest = said.decided(Left.class);
        String product = DivisionWords.number(said, left.product());
        return new Spoken("Chunk", DivisionWords.difference(said, left.from(), left.product(), rest),
                Words.capital(DivisionWords.number(said, left.from())) + " " + said.words().takeAway() + " " + product
                        + " leaves "
                        + DivisionWords.number(said, rest) + ".",
                "How many are left?");
    }
}
