package bemble.core.print;

import bemble.core.problem.Coded;
import bemble.core.problem.Refusal;
import java.util.stream.Stream;

/** The parts of a lesson, in their order. */
public enum LessonPart implements Coded {
    /** Worked by the teacher: printed whole. */
    SHOWN,
    /** Worked together: the first figures are printed. */
    TOGETHER,
    /** Done alone. */
    ALONE;

    /** @throws Refusal where there is no such part */
    public static LessonPart of(String id) {
        return Stream.of(values()).filter(part -> part.id().equals(id)).findFirst().orElseThrow(
                () -> Refusal.of("part", "There is no part “" + id + "”. Choose shown, together or alone."));
    }
}
