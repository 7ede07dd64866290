package bemble.core.print;

import bemble.core.print.ink.PageInk;
import bemble.core.scan.ReadField;
import java.util.ArrayList;
import java.util.List;

/**
 * One question's part of a page, drawn from its own upper left; measures in millimetres.
 *
 * @param fields its squares that are to be read
 */
record Panel(double width, double height, List<PageInk> inks, List<ReadField> fields) {
    Panel(double width, double height, List<PageInk> inks) {
        this(width, height, inks, List.of());
    }

    Panel reading(ReadField field) {
        return new Panel(width, height, inks, List.of(field));
    }

    /** This one with another under it, kept on one page. */
    Panel over(Panel below) {
        List<PageInk> both = new ArrayList<>(inks);
        both.addAll(below.at(0, height));
        return new Panel(Math.max(width, below.width), height + below.height, both, fields);
    }

    List<ReadField> fieldsAt(double x, double y) {
        return fields.stream().map(field -> field.placed(1, x, y)).toList();
    }

    List<PageInk> at(double x, double y) {
        return inks.stream().map(ink -> ink.placed(1, x, y)).toList();
    }

    Panel scaled(double scale) {
        return new Panel(width * scale, height * scale, inks.stream().map(ink -> ink.placed(scale, 0, 0)).toList(),
                fields.stream().map(field -> field.placed(scale, 0, 0)).toList());
    }
}
