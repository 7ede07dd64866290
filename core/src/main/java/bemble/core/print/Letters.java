package bemble.core.print;

import java.util.ArrayList;
import java.util.List;

/** How much room printed text takes, as nearly as a page needs to know. */
final class Letters {
    /** The width of a letter as a share of the text's height, a little more than most. */
    private static final double WIDTH = 0.56;

    private Letters() {}

    static double width(String text, double size) {
        return text.length() * size * WIDTH;
    }

    /** The text in lines no wider than {@code room}. */
    static List<String> lines(String text, double size, double room) {
        int most = Math.max(8, (int) (room / (size * WIDTH)));
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split("\\s+")) {
            String rest = word;
            while (rest.length() > most) {
                flush(line, lines);
                lines.add(rest.substring(0, most));
                rest = rest.substring(most);
            }
            if (line.length() > 0 && line.length() + 1 + rest.length() > most) {
                flush(line, lines);
            }
            line.append(line.length() == 0 ? "" : " ").append(rest);
        }
        flush(line, lines);
        return lines;
    }

    private static void flush(StringBuilder line, List<String> lines) {
        if (line.length() > 0) {
            lines.add(line.toString());
            line.setLength(0);
        }
    }
}
