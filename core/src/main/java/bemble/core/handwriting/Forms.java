package bemble.core.handwriting;

import bemble.core.handwriting.Stroke.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * The forms in which people write the ten figures, as the way of a pen in a box from 0 to 1. Between its points a pen goes in a
 * bend; at a point that is given twice it turns a corner. Strokes are parted by a bar.
 */
final class Forms {
    /** For each figure its forms; those of {@link #CONTINENTAL} are the last of their figure. */
    private static final List<List<String>> WRITTEN = List.of(
            List.of(".50,.02 .18,.18 .10,.50 .20,.84 .50,.98 .80,.84 .90,.50 .80,.16 .50,.02",
                    ".62,.05 .30,.06 .10,.40 .18,.84 .50,.98 .84,.80 .88,.36 .66,.06 .48,.10",
                    ".46,.02 .16,.24 .14,.72 .46,.98 .82,.78 .86,.30 .58,.03"),
            List.of(".50,.02 .50,.98", ".46,.02 .54,.98", ".32,.22 .52,.02 .52,.02 .52,.98",
                    ".18,.38 .56,.03 .56,.03 .56,.98",
                    ".26,.26 .52,.03 .52,.03 .52,.97 | .26,.98 .78,.98"),
            List.of(".14,.25 .25,.06 .55,.02 .82,.18 .78,.42 .50,.70 .12,.97 .12,.97 .90,.97",
                    ".14,.22 .40,.02 .80,.12 .78,.42 .40,.78 .16,.94 .12,.82 .30,.78 .60,.94 .92,.92",
                    ".18,.16 .50,.02 .80,.20 .66,.52 .14,.96 .14,.96 .50,.90 .88,.98"),
            List.of(".16,.12 .45,.01 .80,.14 .72,.40 .42,.48 .42,.48 .80,.58 .84,.84 .50,.99 .12,.88",
                    ".15,.04 .82,.04 .82,.04 .42,.42 .42,.42 .82,.52 .86,.82 .50,.99 .12,.88",
                    ".18,.08 .60,.02 .78,.24 .46,.46 .80,.60 .78,.90 .40,.99 .14,.90"),
            List.of(".30,.04 .14,.58 .14,.58 .90,.58 | .66,.30 .66,.99",
                    ".40,.02 .10,.64 .10,.64 .92,.64 | .64,.40 .60,.98",
                    ".22,.04 .20,.50 .20,.50 .84,.50 | .80,.03 .80,.98",
                    ".62,.99 .62,.02 .62,.02 .08,.66 .08,.66 .92,.66",
                    ".66,.98 .70,.02 .70,.02 .10,.60 .10,.60 .94,.62"),
            List.of(".24,.04 .20,.44 .20,.44 .55,.38 .86,.58 .78,.88 .45,.99 .12,.90 | .24,.04 .84,.04",
                    ".84,.04 .26,.04 .26,.04 .20,.44 .20,.44 .55,.38 .88,.60 .78,.90 .42,.99 .12,.88",
                    ".80,.05 .34,.06 .24,.34 .44,.44 .80,.58 .78,.88 .42,.99 .14,.90"),
            List.of(".74,.06 .38,.20 .14,.60 .24,.92 .56,.98 .84,.80 .72,.56 .40,.54 .16,.74",
                    ".62,.02 .24,.40 .14,.76 .36,.98 .74,.92 .82,.68 .55,.52 .20,.70",
                    ".50,.02 .22,.34 .16,.80 .48,.98 .80,.82 .68,.56 .34,.60 .20,.80"),
            List.of(".10,.05 .88,.05 .88,.05 .36,.98", ".12,.08 .50,.03 .86,.06 .86,.06 .50,.50 .38,.98",
                    ".12,.20 .12,.05 .12,.05 .88,.05 .88,.05 .40,.98",
                    ".10,.05 .88,.05 .88,.05 .36,.98 | .26,.52 .78,.50",
                    ".12,.18 .14,.05 .14,.05 .88,.05 .88,.05 .44,.98 | .30,.54 .80,.50"),
            List.of(".72,.16 .40,.02 .20,.20 .50,.46 .82,.74 .52,.98 .20,.76 .46,.50 .78,.26 .72,.12",
                    ".50,.02 .24,.14 .30,.40 .50,.46 .72,.38 .76,.14 .50,.02 | .50,.46 .18,.62 .22,.92 .50,.98 .80,.90 .84,.62 .50,.46",
                    ".80,.10 .46,.02 .24,.24 .62,.54 .78,.82 .46,.98 .22,.80 .42,.50 .84,.12"),
            List.of(".80,.20 .50,.02 .20,.20 .26,.46 .56,.50 .80,.24 .80,.10 .80,.10 .76,.98",
                    ".82,.22 .50,.02 .20,.20 .28,.48 .60,.48 .82,.16 .82,.50 .68,.88 .24,.96",
                    ".78,.14 .44,.03 .22,.26 .40,.48 .72,.38 .80,.12 .74,.60 .58,.98"));
    /** How many of the last forms are those of schools that write a flag at the 1, a closed 4 and a bar through the 7. */
    private static final List<Integer> CONTINENTAL = List.of(0, 2, 0, 0, 2, 0, 0, 2, 0, 0);
    private static final int STEPS = 6;

    private Forms() {}

    /** How many forms a figure has. */
    static int of(int digit) {
        return WRITTEN.get(digit).size();
    }

    /** How many of the last forms are continental ones. */
    static int continental(int digit) {
        return CONTINENTAL.get(digit);
    }

    /** The points that a form is drawn through, stroke by stroke. */
    static List<List<Point>> points(int digit, int form) {
        return Stream.of(WRITTEN.get(digit).get(form).split(" \\| "))
                .map(stroke -> Arrays.stream(stroke.split(" ")).map(Forms::point).toList()).toList();
    }

    private static Point point(String pair) {
        String[] parts = pair.split(",");
        return new Point(Double.parseDouble(parts[0]), Double.parseDouble(parts[1]));
    }

    /** A bend through points (Catmull and Rom's spline); where two in a row are the same it has a corner. */
    static Stroke bent(List<Point> through) {
        List<Point> way = new ArrayList<>(List.of(through.get(0)));
        int from = 0;
        for (int i = 1; i <= through.size(); i++) {
            if (i == through.size() || through.get(i).equals(through.get(i - 1))) {
                run(through.subList(from, i), way);
                from = i;
            }
        }
        return new Stroke(way);
    }

    private static void run(List<Point> points, List<Point> way) {
        for (int i = 0; i + 1 < points.size(); i++) {
            Point before = points.get(Math.max(0, i - 1));
            Point a = points.get(i);
            Point b = points.get(i + 1);
            Point after = points.get(Math.min(points.size() - 1, i + 2));
            for (int step = 1; step <= STEPS; step++) {
                double t = step / (double) STEPS;
                way.add(new Point(spline(before.x(), a.x(), b.x(), after.x(), t),
                        spline(before.y(), a.y(), b.y(), after.y(), t)));
            }
        }
    }

    private static double spline(double before, double a, double b, double after, double t) {
        return 0.5 * (2 * a + (b - before) * t + (2 * before - 5 * a + 4 * b - after) * t * t
                + (3 * a - before - 3 * b + after) * t * t * t);
    }
}
