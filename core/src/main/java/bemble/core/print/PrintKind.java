package bemble.core.print;

import bemble.core.problem.Coded;
import bemble.core.problem.Refusal;
import java.util.stream.Stream;

/** What is printed of a set. */
public enum PrintKind implements Coded {
    QUESTIONS("Questions"),
    ANSWERS("Answers"),
    WORKED("Worked answers");

    private final String title;

    PrintKind(String title) {
        this.title = title;
    }

    public String title() {
        return title;
    }

    /** @throws Refusal where there is no such print */
    public static PrintKind of(String id) {
        return Stream.of(values()).filter(kind -> kind.id().equals(id)).findFirst().orElseThrow(
                () -> Refusal.of("kind", "There is no print of “" + id + "”. Choose questions, answers or worked."));
    }
}
