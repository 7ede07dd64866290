package bemble.core.print;

import java.util.List;

/** One question's part of a page, drawn from its own upper left; measures in millimetres. */
record Panel(double width, double height, List<Ink> inks) {
    List<Ink> at(double x, double y) {
        return inks.stream().map(ink -> ink.placed(1, x, y)).toList();
    }

    Panel scaled(double scale) {
        return new Panel(width * scale, height * scale, inks.stream().map(ink -> ink.placed(scale, 0, 0)).toList());
    }
}
