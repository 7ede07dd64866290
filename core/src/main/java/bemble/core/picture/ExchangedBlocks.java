package bemble.core.picture;

import bemble.core.picture.Shape.Tone;
import bemble.core.problem.Numeral;
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

    ExchangedBlocks(Numeral minuend, DecompositionRecord record, HouseStyle style) {
        this.minuend = minuend;
        this.record = record;
        this.words = new Words(style);
    }

    Picture draw(Working working) {
        if (minuend.length() > BlockHeap.PLACES) {
            return Picture.none(PictureKind.BLOCKS,
                    "Too many blocks to see: they are laid out for a minuend below 10 000.");
        }
        Moments moments = new Moments(working);
        BlockHeap heap = new BlockHeap(easel, IntStream.range(0, minuend.length()).map(this::most).toArray());
        for (Step step : moments.steps()) {
            int exchanged = moments.exchanged(step, record);
            int done = moments.columnsDone(step, record.columns().size());
            List<List<String>> blocks = blocks(exchanged);
            String freshlyBroken = step.kind() == StepKind.EXCHANGE ? "broken " + (exchanged - 1) + " " : "none";
            for (int place = 0; place < blocks.size(); place++) {
                List<String> here = blocks.get(place);
                int struck = place < done ? Math.min(record.columns().get(place).bottom(), here.size()) : 0;
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

    /** The most blocks that ever lie in a place. */
    private int most(int place) {
        return IntStream.rangeClosed(0, record.exchanges().size()).map(done -> blocks(done).get(place).size()).max()
                .orElseThrow();
    }

    private static void become(int many, List<String> blocks, String key) {
        while (blocks.size() > many) {
            blocks.remove(blocks.size() - 1);
        }
        for (int piece = 0; blocks.size() < many; piece++) {
            blocks.add(key + " " + piece);
        }
    }

    /** The blocks of each place after so many exchanges, as many as this hand's figures say. */
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
            become(exchange.fromAfter(), blocks.get(exchange.from()), "kept " + i);
            become(exchange.toAfter(), blocks.get(exchange.to()), "broken " + i);
        }
        return blocks;
    }

    private String sentence(Step step, int exchanged, int done) {
        if (step.kind() == StepKind.EXCHANGE && exchanged > 0) {
            return sentence(record.exchanges().get(exchanged - 1));
        }
        if (done == 0) {
            return "The minuend is laid out in blocks.";
        }
        SubtractedColumn column = record.columns().get(done - 1);
        int there = blocks(exchanged).get(column.place()).size();
        if (there - column.bottom() != column.digit()) {
            return words.count(there, column.place()) + " there, " + column.bottom()
                    + " to be struck off; this hand writes " + column.digit() + ".";
        }
        return words.count(column.bottom(), column.place()) + " struck off, "
                + words.count(column.digit(), column.place()) + " left.";
    }

    private String sentence(Exchange exchange) {
        boolean fair =
                exchange.fromAfter() == exchange.fromBefore() - 1 && exchange.toAfter() == exchange.toBefore() + 10
                        && exchange.from() == exchange.to() + 1;
        return fair
                ? "1 " + words.one(exchange.from()) + " block is broken into 10 " + words.places(exchange.to()) + "."
                : Words.capital(goes(exchange.to(), exchange.toBefore(), exchange.toAfter())) + ", and "
                        + goes(exchange.from(), exchange.fromBefore(), exchange.fromAfter()) + ".";
    }

    private String goes(int place, int before, int after) {
        return "the " + words.places(place)
                + (before == after ? " stay " + after : " go from " + before + " to " + after);
    }
}
