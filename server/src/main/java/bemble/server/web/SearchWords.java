package bemble.server.web;

import java.util.Locale;

/** Words searched for, and words searched through. */
public final class SearchWords {
    private SearchWords() {}

    /** Written alike, so that what is typed with - or * finds what is written with − or ×. */
    public static String likened(String words) {
        return words.toLowerCase(Locale.ROOT).replace('-', '−').replace('*', '×').replace('/', '÷');
    }

    /** The words anywhere, for {@code like … escape '!'}. */
    public static String pattern(String words) {
        return "%" + likened(words.strip()).replace("!", "!!").replace("%", "!%").replace("_", "!_") + "%";
    }
}
