package bemble.core.picture;

import bemble.core.picture.Shape.Kind;
import bemble.core.picture.Shape.Tone;
import java.util.List;

/** Lays base-ten blocks out in the columns of their places, all to one scale. */
final class BlockHeap {
    /** The places for which there are blocks. */
    static final int PLACES = 4;

    private static final List<Kind> KINDS = List.of(Kind.UNIT, Kind.ROD, Kind.FLAT, Kind.CUBE);
    private static final double GAP = 2.5;

    private final Easel easel;
    private final double[] widths;

    /** @param most the most blocks that ever lie in one heap, for each place from the ones on */
    BlockHeap(Easel easel, int[] most) {
        this.easel = easel;
        this.widths = new double[most.length];
        for (int place = 0; place < most.length; place++) {
            widths[place] = width(place, most[place]);
        }
    }

    private static double width(int place, int most) {
        int inLayer = Math.max(1, Math.min(10, most));
        return switch (place) {
            case 0 -> 1.3 * ((most + 4) / 5);
            case 1 -> 1.35 * inLayer;
            default -> 12 + 1.15 * (inLayer - 1);
        };
    }

    /** The left edge of a place's column. */
    double left(int place) {
        double left = 1;
        for (int higher = widths.length - 1; higher > place; higher--) {
            left += widths[higher] + GAP;
        }
        return left;
    }

    /** The width of all columns. */
    double width() {
        return left(0) + widths[0];
    }

    /** One block of a heap, the {@code index}th of its place, the heap's upper edge at {@code top}. */
    void block(String key, int place, int index, double top, Tone tone) {
        int layer = index / 10;
        int at = index % 10;
        double x = left(place);
        switch (place) {
            case 0 -> draw(key, place, x + (at / 5 + 2 * layer) * 1.3, top + at % 5 * 1.3, 1, 1, tone);
            case 1 -> draw(key, place, x + at * 1.35, top + layer * 11, 1, 10, tone);
            // A cube shows its upper and its right side too.
            default -> draw(key, place, x + at * 1.15, top + at * 0.35 + layer * 14 + (place == 3 ? 1.5 : 0), 10, 10,
                    tone);
        }
    }

    private void draw(String key, int place, double x, double y, double w, double h, Tone tone) {
        easel.shape(key, KINDS.get(place), x, y, w, h, tone);
    }

    /** Ten of a place put together to make one of the next, in that place's column. */
    void bundle(List<String> keys, int place, int index, double top) {
        for (int i = 0; i < keys.size(); i++) {
            double x = left(place + 1) + index * (place == 0 ? 1.35 : 1.15);
            double stepX = place == 0 ? 0 : place == 1 ? 1 : 0.6;
            double stepY = place == 0 ? 1 : place == 1 ? 0 : 0.3;
            draw(keys.get(i), place, x + i * stepX, top + i * stepY + (place == 0 ? 0 : index * 0.35),
                    place == 0 || place == 1 ? 1 : 10,
                    place == 0 ? 1 : 10, Tone.FRESH);
        }
    }
}
