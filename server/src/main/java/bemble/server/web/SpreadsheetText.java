package bemble.server.web;

import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.QuoteMode;

/**
 * Typed words in a table that a spreadsheet opens. Every field is quoted, and where a spreadsheet could take a piece of
 * one for a formula, whichever sign it splits fields at, an apostrophe stands before that piece. Taken away again it
 * gives just what was typed.
 */
public final class SpreadsheetText {
    /** The table format that all exports share. */
    public static final CSVFormat FORMAT = CSVFormat.RFC4180.builder().setQuoteMode(QuoteMode.ALL_NON_NULL).get();
    private static final Pattern FORMULA = Pattern.compile("(^|[;,|\t\r\n]|\\\\)(['\"\\s]*[=+\\-@])");
    private static final Pattern GUARDED = Pattern.compile("(^|[;,|\t\r\n]|\\\\)'(['\"\\s]*[=+\\-@])");

    private SpreadsheetText() {}

    /** Keeps a spreadsheet from taking typed words for a formula. */
    public static String plain(String typed) {
        return FORMULA.matcher(typed).replaceAll("$1'$2");
    }

    /** What was typed, the guards taken away again. */
    public static String typed(String plain) {
        return GUARDED.matcher(plain).replaceAll("$1$2");
    }
}
