package bemble.core.working;

/**
 * One mark on the paper.
 *
 * @param step the number of the step that puts it there
 * @param until the number of the step that takes it away, or null where it stays
 * @param at where it sits
 * @param to the other end of what reaches over several squares, or null
 * @param text what is written, or empty
 */
public record Mark(int step, Integer until, MarkKind kind, Spot at, Spot to, String text, Role role, Size size,
                   Anchor anchor) {
    Mark until(int takenAway) {
        return new Mark(step, takenAway, kind, at, to, text, role, size, anchor);
    }

    Mark as(Role other) {
        return new Mark(step, until, kind, at, to, text, other, size, anchor);
    }
}
