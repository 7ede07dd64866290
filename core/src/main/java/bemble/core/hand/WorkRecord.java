package bemble.core.hand;

import bemble.core.words.Words;
import java.util.List;

/** The working without the paper: carries, exchanges, partial products, stages. The log keeps it. */
public interface WorkRecord {
    /** More numbers than this are cut short; the whole record is in the export. */
    int MOST_LISTED = 12;

    /** The working in a line, such as {@code carried 1 ten, 1 hundred}. */
    String inShort(Words words);

    /** A few numbers in a line, after the word for what they are: {@code jumps 3, 90, 900}, or {@code no jumps}. */
    static String listed(String what, List<String> numbers) {
        if (numbers.isEmpty()) {
            return "no " + what;
        }
        List<String> shown = numbers.size() <= MOST_LISTED ? numbers : numbers.subList(0, MOST_LISTED);
        return what + " " + String.join(", ", shown) + (shown.size() < numbers.size() ? " …" : "");
    }
}
