package bemble.server.web;

/** Typed words in a table that a spreadsheet opens. */
public final class SpreadsheetText {
    private static final String FORMULA_BEGINS = "=+-@\t\r";

    private SpreadsheetText() {}

    /** Keeps a spreadsheet from taking typed words for a formula. */
    public static String plain(String typed) {
        return typed.isEmpty() || FORMULA_BEGINS.indexOf(typed.charAt(0)) < 0 ? typed : "'" + typed;
    }

    /** What was typed, the guard taken away again. */
    public static String typed(String plain) {
        boolean guarded = plain.length() > 1 && plain.charAt(0) == '\'' && FORMULA_BEGINS.indexOf(plain.charAt(1)) >= 0;
        return guarded ? plain.substring(1) : plain;
    }
}
