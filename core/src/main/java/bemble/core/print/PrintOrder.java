package bemble.core.print;

import bemble.core.style.HouseStyle;
import java.util.List;
import java.util.Map;

/**
 * What is to be printed.
 *
 * @param title stands at the head of each page
 * @param code the set and version, printed on each page so that its answers are always found
 * @param cues a teacher's own cues by the ids of what they are for, printed before its sentence
 * @param name whose sheet it is, printed on the line for a name; empty where a pupil writes it
 * @param pupil the number by which whoever reads the filled sheet knows whose it is; 0 where it says so to nobody
 */
public record PrintOrder(String title, String code, List<PrintQuestion> questions, PageLayout layout, HouseStyle style,
        PrintKind kind, Map<String, String> cues, String name, long pupil) {
    public PrintOrder {
        questions = List.copyOf(questions);
        cues = Map.copyOf(cues);
    }

    /** The same without cues. */
    public PrintOrder(String title, String code, List<PrintQuestion> questions, PageLayout layout, HouseStyle style,
            PrintKind kind) {
        this(title, code, questions, layout, style, kind, Map.of());
    }

    /** The same for whoever writes their own name on it. */
    public PrintOrder(String title, String code, List<PrintQuestion> questions, PageLayout layout, HouseStyle style,
            PrintKind kind, Map<String, String> cues) {
        this(title, code, questions, layout, style, kind, cues, "", 0);
    }

    /** The same with a name on it. */
    public PrintOrder named(String pupilName, long pupilNumber) {
        return new PrintOrder(title, code, questions, layout, style, kind, cues, pupilName, pupilNumber);
    }

    /** Whether its pages bear what they need to be read when they are filled. */
    boolean isToBeRead() {
        return layout.toBeRead() && kind == PrintKind.QUESTIONS;
    }
}
