package bemble.server.reports;

import bemble.core.print.TextPages.Heading;
import bemble.core.print.TextPages.Paragraph;
import bemble.core.print.TextPages.Part;
import java.util.ArrayList;
import java.util.List;

/**
 * A piece of a page that can be left out.
 *
 * @param title its heading; where it has none, what it is called on screen
 * @param headed whether the heading is printed
 */
record Section(String title, boolean headed, List<Part> parts) {
    static Section headed(String title) {
        return new Section(title, true, new ArrayList<>());
    }

    static Section plain(String title) {
        return new Section(title, false, new ArrayList<>());
    }

    Section say(String sentences) {
        return add(new Paragraph(sentences));
    }

    Section add(Part part) {
        parts.add(part);
        return this;
    }

    List<Part> all() {
        List<Part> all = new ArrayList<>();
        if (headed) {
            all.add(new Heading(title));
        }
        all.addAll(parts);
        return all;
    }
}
