package bemble.core.scan;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What the code on a page says; its letters are those that a code has the most room for.
 *
 * @param sheet the code of the printed sheet with its version, like {@code K7PT-A}
 * @param page which page of the sheet it is, from 1
 * @param pupil the number of the pupil whose sheet it is; 0 where nobody's
 */
public record PageCode(String sheet, int page, long pupil) {
    private static final Pattern TEXT = Pattern.compile("([A-Z0-9]{4}-[A-Z])/([0-9]{1,3})/([0-9]{1,18})");

    public String text() {
        return sheet + "/" + page + "/" + pupil;
    }

    /** What a code says, or nothing where it is another program's. */
    public static Optional<PageCode> read(String text) {
        Matcher said = TEXT.matcher(text);
        return said.matches()
                ? Optional
                        .of(new PageCode(said.group(1), Integer.parseInt(said.group(2)), Long.parseLong(said.group(3))))
                : Optional.empty();
    }
}
