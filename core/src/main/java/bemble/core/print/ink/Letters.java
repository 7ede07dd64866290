package bemble.core.print.ink;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** How much room printed text takes: that of the bold letters, which are a little wider than the others. */
public final class Letters {
    /** How wide the printed font's letters are, in hundredths of the text's height: from the space to the tilde. */
    private static final int[] PLAIN = widths("""
            27 38 53 61 61 76 66 31 42 42 51 59 32 44 35 53 61 61 61 61 61 61 61 61 61 61 35 35 59 59 59 53
            85 73 68 68 73 59 59 72 74 51 50 70 55 91 75 73 62 75 67 61 62 73 72 104 67 67 61 42 53 42 43 63
            31 61 59 50 62 54 39 58 60 31 33 56 31 86 61 57 60 59 49 51 43 61 54 77 58 54 52 51 34 51 54""");
    /** The same from the space that does not break to ſ. */
    private static final int[] ACCENTED = widths("""
            27 38 53 61 61 61 52 53 41 75 40 64 59 44 75 41 35 59 41 41 31 61 54 37 21 41 39 64 84 84 84 53
            73 73 73 73 73 73 89 68 59 59 59 59 51 51 51 51 73 75 73 73 73 73 73 59 73 73 73 73 73 67 62 69
            61 61 61 61 61 61 87 50 54 54 54 54 31 31 31 31 57 61 57 57 57 57 57 59 57 61 61 61 61 54 60 54
            73 61 73 61 73 61 68 50 68 50 68 50 68 50 73 75 73 62 59 54 59 54 59 54 59 54 59 54 72 58 72 58
            72 58 72 58 74 60 77 61 51 31 51 31 51 31 51 31 51 31 98 61 50 33 70 56 59 55 31 55 31 55 43 73
            50 56 42 75 61 75 61 75 61 68 74 61 73 57 73 57 73 57 97 88 67 49 67 49 67 49 61 51 61 51 61 51
            61 51 62 43 62 43 62 43 73 61 73 61 73 61 73 61 73 61 73 58 104 77 67 54 67 61 52 61 52 61 52 32""");
    /** Signs and letters of other scripts are counted as wide as they are high: none is wider. */
    private static final int WIDEST = 100;
    private static final double HUNDREDTHS = 100;

    private Letters() {}

    private static int[] widths(String table) {
        return Stream.of(table.split("\\s+")).mapToInt(Integer::parseInt).toArray();
    }

    /**
     * How wide a text is, in the measure of its size.
     *
     * @param size the height of its letters from one line to the next
     */
    public static double width(String text, double size) {
        return text.codePoints().map(Letters::width).sum() * size / HUNDREDTHS;
    }

    private static int width(int letter) {
        if (letter >= ' ' && letter - ' ' < PLAIN.length) {
            return PLAIN[letter - ' '];
        }
        return letter >= '\u00a0' && letter - '\u00a0' < ACCENTED.length ? ACCENTED[letter - '\u00a0'] : WIDEST;
    }

    /** The text in lines no wider than {@code room}; a word that is wider is broken. */
    public static List<String> lines(String text, double size, double room) {
        List<String> lines = new ArrayList<>();
        String line = "";
        for (String word : text.strip().split("\\s+")) {
            String longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && width(longer, size) > room) {
                lines.add(line);
                longer = word;
            }
            while (longer.codePointCount(0, longer.length()) > 1 && width(longer, size) > room) {
                int end = fitting(longer, size, room);
                lines.add(longer.substring(0, end));
                longer = longer.substring(end);
            }
            line = longer;
        }
        if (!line.isEmpty()) {
            lines.add(line);
        }
        return lines;
    }

    /** How much of a word fits into the room: a letter at least, so that whatever is printed comes to an end. */
    private static int fitting(String word, double size, double room) {
        int end = word.offsetByCodePoints(0, 1);
        while (end < word.length() && width(word.substring(0, word.offsetByCodePoints(end, 1)), size) <= room) {
            end = word.offsetByCodePoints(end, 1);
        }
        return end;
    }
}
