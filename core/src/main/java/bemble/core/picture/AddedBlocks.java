package bemble.core.picture;

import bemble.core.picture.Shape.Tone;
import bemble.core.problem.Numeral;
import bemble.core.stack.adding.AddedColumn;
import bemble.core.stack.adding.ColumnRecord;
import bemble.core.style.HouseStyle;
import bemble.core.words.Words;
import bemble.core.working.Step;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Base-ten blocks for an addition: all numbers are laid out, and ten of a place are gathered to one of the next. What a
 * slip loses is struck off, what it adds is faint.
 */
final class AddedBlocks {
    private static final int MOST_ADDENDS = 3;
    private static final int MOST_IN_COLUMN = 40;
    private static final double ROW = 14.5;
    private static final double LOW_ROW = 8;

    private final List<Numeral> addends;
    private final List<AddedColumn> columns;
    private final Words words;
    private final int places;
    private final Easel easel = new Easel(PictureKind.BLOCKS);
    private final BlockHeap heap;

    AddedBlocks(List<Numeral> addends, ColumnRecord record, HouseStyle style) {
        this.addends = addends;
        columns = record.columns();
        words = new Words(style);
        boolean newPlace = columns.get(columns.size() - 1).carryOut() > 0;
        places = Math.max(columns.size() + (newPlace ? 1 : 0),
                addends.stream().mapToInt(Numeral::length).max().orElseThrow());
        heap = new BlockHeap(easel, IntStream.range(0, places).map(this::most).toArray());
    }

    /** The most blocks of a place in one row; ten that are gathered take the width of one. */
    private int most(int place) {
        int given = addends.stream().mapToInt(addend -> addend.digit(place)).max().orElseThrow();
        return Math.max(given,
                place < columns.size() ? all(place).size() - gatheredIn(place) : carriedInto(place));
    }

    Picture draw(Working working) {
        boolean many = columns.stream().anyMatch(column -> column.made() > MOST_IN_COLUMN);
        if (addends.size() > MOST_ADDENDS || places > BlockHeap.PLACES || many) {
            return Picture.none(PictureKind.BLOCKS,
                    "Too many blocks to see: they are laid out for two or three numbers "
                            + "with a sum below 10 000.");
        }
        Moments moments = new Moments(working);
        for (Step step : moments.steps()) {
            int done = moments.columnsDone(step, columns.size());
            for (int i = 0; i < places; i++) {
                column(i, done);
            }
            for (int i = 0; i < addends.size(); i++) {
                easel.line(0.5, top(i + 1) - 0.9, heap.width(), 0);
            }
            easel.frame(step.n(), sentence(done));
        }
        return easel.picture();
    }

    /** The upper edge of a row: 0 the carries, then the addends, then the sum. */
    private double top(int row) {
        double rowHeight = places > 1 ? ROW : LOW_ROW;
        return 1 + row * rowHeight;
    }

    private void column(int place, int done) {
        if (place < done && place < columns.size()) {
            List<String> blocks = all(place);
            int gathered = gatheredIn(place);
            int there = there(place).size();
            for (int i = gathered; i < blocks.size(); i++) {
                Tone right = place == done - 1 ? Tone.FRESH : Tone.PLAIN;
                heap.block(blocks.get(i), place, i - gathered, top(addends.size() + 1),
                        i >= columns.get(place).made() ? Tone.GONE : i >= there ? Tone.FAINT : right);
            }
            return;
        }
        for (int row = 0; row < addends.size(); row++) {
            for (int i = 0; i < addends.get(row).digit(place); i++) {
                heap.block(key(place, row, i), place, i, top(row + 1), Tone.PLAIN);
            }
        }
        if (place == done && place > 0) {
            double top = top(place == columns.size() ? addends.size() + 1 : 0);
            for (int i = 0; i < carriedInto(place); i++) {
                heap.bundle(gathered(place - 1, i), place - 1, i, top);
            }
        }
    }

    private int carriedInto(int place) {
        return place > 0 && place <= columns.size() ? columns.get(place - 1).carryOut() : 0;
    }

    /** How many blocks of a column are gathered to some of the next. */
    private int gatheredIn(int place) {
        return 10 * columns.get(place).carryOut();
    }

    /** The blocks of a column, and as many more as this hand counts there though nobody has laid them. */
    private List<String> all(int place) {
        List<String> keys = new ArrayList<>(there(place));
        for (int i = keys.size(); i < columns.get(place).made(); i++) {
            keys.add(place + " more " + i);
        }
        return keys;
    }

    /** The blocks of a column: the largest heap, which is completed to a ten, then what was carried in, then the others. */
    private List<String> there(int place) {
        int largest = largest(place);
        List<String> keys = new ArrayList<>(heap(place, largest));
        for (int i = 0; i < carriedInto(place); i++) {
            keys.add(place + " carried " + i);
        }
        for (int row = 0; row < addends.size(); row++) {
            if (row != largest) {
                keys.addAll(heap(place, row));
            }
        }
        return keys;
    }

    private List<String> heap(int place, int row) {
        return IntStream.range(0, addends.get(row).digit(place)).mapToObj(i -> key(place, row, i)).toList();
    }

    /** The row of the number with the most blocks of a place. */
    private int largest(int place) {
        int largest = 0;
        for (int row = 1; row < addends.size(); row++) {
            largest = addends.get(row).digit(place) > addends.get(largest).digit(place) ? row : largest;
        }
        return largest;
    }

    private List<String> gathered(int place, int bundle) {
        return all(place).subList(10 * bundle, 10 * bundle + 10);
    }

    private static String key(int place, int row, int index) {
        return place + " " + row + " " + index;
    }

    private String sentence(int done) {
        if (done == 0) {
            return (addends.size() == 2 ? "Both numbers" : "All numbers") + " are laid out in blocks.";
        }
        AddedColumn column = columns.get(done - 1);
        int there = there(column.place()).size();
        if (column.total() != there || column.made() != there) {
            return otherwise(column, there);
        }
        String together = "Blocks: " + words.count(column.total(), column.place()) + " together";
        if (column.carryOut() == 0) {
            return together + ".";
        }
        int most = addends.get(largest(column.place())).digit(column.place());
        String across = column.carryOut() > 1 ? "; " + 10 * column.carryOut() + " of them make "
                : "; " + (10 - most) + (most == 9 ? " goes" : " go") + " over to the " + most + " and "
                        + (most == 9 ? "makes " : "make ");
        return together + across + words.count(column.carryOut(), column.place() + 1) + ", "
                + words.count(column.digit(), column.place()) + (column.digit() == 1 ? " stays." : " stay.");
    }

    /** What a hand does that makes more or less of a column than lies there. */
    private String otherwise(AddedColumn column, int there) {
        int left = there - column.made();
        return "Blocks: " + words.count(there, column.place()) + " together; this hand makes "
                + (column.carryOut() == 0 ? "" : words.count(column.carryOut(), column.place() + 1) + " and ")
                + words.count(column.digit(), column.place()) + " of them"
                + (left > 0 ? ", and " + left + (left == 1 ? " is" : " are") + " lost."
                        : left < 0 ? ", " + -left + " more than there are." : ".");
    }
}
