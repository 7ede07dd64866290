package bemble.core.print.ink;

import bemble.core.scan.ReadField;
import java.util.List;

/**
 * A page with all that is printed on it; measures in millimetres.
 *
 * @param fields the squares on it that can be read from a picture of the filled page
 */
public record Page(double width, double height, List<Ink> inks, List<ReadField> fields) {
    public Page {
        inks = List.copyOf(inks);
        fields = List.copyOf(fields);
    }

    /** A page of which nothing is read. */
    public Page(double width, double height, List<Ink> inks) {
        this(width, height, inks, List.of());
    }
}
