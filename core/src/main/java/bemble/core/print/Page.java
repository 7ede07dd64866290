package bemble.core.print;

import java.util.List;

/** A page with all that is printed on it; measures in millimetres. */
public record Page(double width, double height, List<Ink> inks) {
    public Page {
        inks = List.copyOf(inks);
    }
}
