package bemble.core.print;

import bemble.core.style.HouseStyle;
import java.util.List;

/**
 * What is to be printed.
 *
 * @param title stands at the head of each page
 * @param code the set and version, printed on each page so that its answers are always found
 */
public record PrintOrder(String title, String code, List<PrintQuestion> questions, PageLayout layout, HouseStyle style,
                         PrintKind kind) {
    public PrintOrder {
        questions = List.copyOf(questions);
    }
}
