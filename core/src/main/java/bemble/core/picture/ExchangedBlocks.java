package bemble.core.picture;

import bemble.core.picture.Shape.Tone;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.subtraction.column.Exchange;
import bemble.core.subtraction.column.SubtractedColumn;
import bemble.core.subtraction.exchange.DecompositionRecord;
import bemble.core.words.Words;
import bemble.core.working.Step;
import bemble.core.working.StepKind;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/** Base-ten blocks for a subtraction: only the minuend is laid out; blocks are broken into tens and struck off. */
final class ExchangedBlocks {
    private final Numeral minuend;
    private final DecompositionRecord record;
    private final Words words;
    private final Easel easel = new Easel(PictureKind.BLOCKS);

    ExchangedBlocks(Problem problem, DecompositionRecord record, HouseStyle style) {
        this.minuend = problem.operands().get(0);
        this.record = record;
        this.words = new Words(style);
    }

    Picture draw(Working working) {
        if (minuend.length() > BlockHeap.PLACES) {
            return Picture.none(PictureKind.BLOCKS,
                    "Too many blocks to see: they are laid out for a minuend below 10 000.");
        }
        Moments moments = new Moments(working);
        BlockHeap heap = new BlockHeap(easel, IntStream.range(0, minuend.length())
                .map(place -> Math.max(minuend.digit(place),
                        place < record.columns().size() ? record.columns().get(place).top() : 0))
                .toArray());
        for (Step step : moments.steps()) {
            int exchanged = moments.exchanged(step, record);
            int done = moments.columnsDone(step);
            List<List<String>> blocks = blocks(exchanged);
            String freshlyBroken = step.kind() == StepKind.EXCHANGE ? "broken " + (exchanged - 1) + " " : "none";
            for (int place = 0; place < blocks.size(); place++) {
                List<String> here = blocks.get(place);
                int struck = place < done ? record.columns().get(place).bottom() : 0;
                for (int i = 0; i < here.size(); i++) {
                    boolean gone = i >= here.size() - struck;
                    boolean fresh = here.get(i).startsWith(freshlyBroken);
                    heap.block(here.get(i), place, i, 1, gone ? Tone.GONE : fresh ? Tone.FRESH : Tone.PLAIN);
                }
            }
            easel.frame(step.n(), sentence(step, exchanged, done));
        }
        return easel.picture();
    }

    /** The blocks of each place after so many exchanges. */
    private List<List<String>> blocks(int exchanged) {
        List<List<String>> blocks = new ArrayList<>();
        for (int place = 0; place < minuend.length(); place++) {
            List<String> here = new ArrayList<>();
            for (int i = 0; i < minuend.digit(place); i++) {
                here.add(place + " " + i);
            }
            blocks.add(here);
        }
        for (int i = 0; i < exchanged; i++) {
            Exchange exchange = record.exchanges().get(i);
            List<String> from = blocks.get(exchange.from());
            from.remove(from.size() - 1);
            for (int piece = 0; piece < 10; piece++) {
                blocks.get(exchange.to()).add("broken " + i + " " + piece);
            }
        }
        return blocks;
    }

    private String sentence(Step step, int exchanged, int done) {
        if (step.kind() == StepKind.EXCHANGE) {
            Exchange exchange = record.exchanges().get(exchanged - 1);
            return "1 " + words.one(exchange.from()) + " block is broken into 10 " + words.places(exchange.to()) + ".";
        }
        if (done == 0) {
            return "The minuend is laid out in blocks.";
        }
        SubtractedColumn column = record.columns().get(done - 1);
        return words.count(column.bottom(), column.place()) + " struck off, "
                + words.count(column.digit(), column.place())
                + " left.";
    }
}
