package bemble.core.marking.paper;

import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.Part;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * A paper on which a working was begun again: the same block stands there once more, called {@code sum#2}. Of the blocks of one name the
 * last counts that is not struck out altogether, right or wrong; what stands in the others belongs to nothing. Where the block that was
 * written into first is begun again, all else of the working is too: rows under an old box do not go on from a new one.
 */
public final class BegunAgain {
    private record Square(Line line, int place) {}

    private final List<PaperFigure> standing = new ArrayList<>();
    private final List<PaperFigure> left = new ArrayList<>();
    private final Map<BlockName, BlockName> called = new HashMap<>();

    private BegunAgain(List<PaperFigure> written) {
        Map<BlockName, TreeMap<Integer, List<PaperFigure>>> attempts = new LinkedHashMap<>();
        for (PaperFigure figure : written) {
            attempts.computeIfAbsent(figure.block().begunFirst(), name -> new TreeMap<>())
                    .computeIfAbsent(figure.block().time(), time -> new ArrayList<>()).add(figure);
        }
        Map<Part, Integer> begun = new EnumMap<>(Part.class);
        attempts.forEach((name, times) -> {
            int from = begun.getOrDefault(name.part(), 1);
            List<PaperFigure> counts = times.tailMap(from, true).descendingMap().values().stream()
                    .filter(BegunAgain::stands).findFirst()
                    .orElse(from == 1 ? times.firstEntry().getValue() : List.of());
            if (!counts.isEmpty()) {
                called.put(name, counts.get(0).block());
                begun.putIfAbsent(name.part(), counts.get(0).block().time());
            }
            times.values().stream().filter(each -> each != counts).forEach(each -> left.addAll(unstruck(each)));
        });
        for (PaperFigure figure : written) {
            BlockName name = figure.block().begunFirst();
            if (figure.block().equals(called.get(name))) {
                standing.add(figure.withBlock(name));
            }
        }
    }

    /** Whether any block of a paper was begun again. */
    public static boolean isOn(List<PaperFigure> written) {
        return written.stream().anyMatch(figure -> figure.block().time() > 1);
    }

    /** The figures that count, each in the block of the method; the same ones where nothing was begun again. */
    public static List<PaperFigure> counting(List<PaperFigure> written) {
        return isOn(written) ? on(written).standing() : written;
    }

    /** Tells the blocks of a paper that count from the others. */
    public static BegunAgain on(List<PaperFigure> written) {
        return new BegunAgain(written);
    }

    /** Whether anything of a number is left of a block: not every figure has a stroke through it. */
    private static boolean stands(List<PaperFigure> block) {
        return !unstruck(block).isEmpty();
    }

    /** The figures of numbers through which there is no stroke that was drawn later. */
    private static List<PaperFigure> unstruck(List<PaperFigure> block) {
        Map<Square, PaperFigure> there = new LinkedHashMap<>();
        for (PaperFigure figure : block) {
            if (figure.isInMiddle()) {
                Square square = new Square(figure.line(), figure.place());
                if (figure.isStroke()) {
                    there.remove(square);
                } else if (!figure.text().isEmpty()) {
                    there.put(square, figure);
                }
            }
        }
        return List.copyOf(there.values());
    }

    /** What counts, in the blocks of the method. */
    public List<PaperFigure> standing() {
        return standing;
    }

    /** The figures of numbers in the blocks that do not count, but for those that are struck. */
    public List<PaperFigure> left() {
        return left;
    }

    /** What a block that counts is called on the paper, by what the method calls it. */
    public BlockName called(BlockName block) {
        return called.getOrDefault(block, block);
    }
}
