package bemble.server.classes;

import bemble.server.limits.Limits;
import java.util.Comparator;
import java.util.Locale;
import java.util.regex.Pattern;

/** The order of names in which 4b stands before 10a. */
final class ByNumber {
    static final Comparator<SchoolClass> OF_CLASSES = Comparator.comparing(each -> key(each.name()));
    private static final Pattern NUMBER = Pattern.compile("\\d+");

    private ByNumber() {}

    /** A name with all its numbers of one length. */
    private static String key(String name) {
        return NUMBER.matcher(name.toLowerCase(Locale.ROOT))
                .replaceAll(number -> "0".repeat(Math.max(0, Limits.NAME_LETTERS - number.group().length()))
                        + number.group());
    }
}
