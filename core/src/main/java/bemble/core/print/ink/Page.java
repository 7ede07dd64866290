package bemble.core.print.ink;

import bemble.core.print.ink.Passage.Sense;
import bemble.core.scan.ReadField;
import java.util.List;

/**
 * A page with all that is printed on it; measures in millimetres.
 *
 * @param fields the squares on it that can be read from a picture of the filled page
 * @param passages what its inks are together, in the order of reading; inks of none are for the eye alone
 */
public record Page(double width, double height, List<PageInk> inks, List<ReadField> fields, List<Passage> passages) {
    public Page {
        inks = List.copyOf(inks);
        fields = List.copyOf(fields);
        passages = List.copyOf(passages);
    }

    /** A page that is read as it stands, from its first ink to its last. */
    public Page(double width, double height, List<PageInk> inks, List<ReadField> fields) {
        this(width, height, inks, fields, List.of(new Passage(Sense.PARAGRAPH, 0, inks.size(), "")));
    }

    /** The same, of which no square is read. */
    public Page(double width, double height, List<PageInk> inks) {
        this(width, height, inks, List.of());
    }
}
