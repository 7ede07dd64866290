package bemble.core.print;

import bemble.core.problem.Refusal;
import java.util.Locale;
import java.util.stream.Stream;

/** The parts of a lesson, in their order. */
public enum LessonPart {
    /** Worked by the teacher: printed whole. */
    SHOWN("shown"),
    /** Worked together: the first figures are printed. */
    TOGETHER("together"),
    /** Done alone. */
    ALONE("alone");

    private final String label;

    LessonPart(String label) {
        this.label = label;
    }

    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    public String label() {
        return label;
    }

    /** @throws Refusal where there is no such part */
    public static LessonPart of(String id) {
        return Stream.of(values()).filter(part -> part.id().equals(id)).findFirst().orElseThrow(() ->
                Refusal.of("part", "There is no part “" + id + "”. Choose shown, together or alone."));
    }
}
