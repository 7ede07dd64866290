package bemble.core.working;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One mark on the paper.
 *
 * @param step the number of the step that puts it there
 * @param until the number of the step that takes it away, or null where it stays
 * @param at where it sits
 * @param to the other end of what reaches over several squares, or null
 * @param text what is written, or empty
 * @param should where a rule was broken, what a careful hand would have written there; else null
 */
public record Mark(int step, @Nullable Integer until, MarkKind kind, Spot at, @Nullable Spot to, String text, Role role,
        Size size,
        Anchor anchor, @Nullable String should) {
    /** The same mark, taken away in a later step. */
    public Mark until(int takenAway) {
        return new Mark(step, takenAway, kind, at, to, text, role, size, anchor, should);
    }

    /** Whether the rule itself was broken here. */
    public boolean isBroken() {
        return role == Role.WRONG || role == Role.MISSING;
    }

    /** Whether a class can be asked for it. */
    public boolean isAsked() {
        return (kind == MarkKind.DIGIT || kind == MarkKind.NUMBER) && role.isAsked();
    }

    /** Where it stands and what sort it is, as of the figure that it shows. */
    public Figure.Key key() {
        return new Figure.Key(at.block().name(), at.line(), at.place(), anchor, kind == MarkKind.STRIKE);
    }

    /** The keys that a class presses to answer it: its digits, whatever stands round or between them. */
    public List<String> keys() {
        List<String> keys = new ArrayList<>(text.length());
        for (int i = 0; i < text.length(); i++) {
            if (Character.isDigit(text.charAt(i))) {
                keys.add(text.substring(i, i + 1));
            }
        }
        return keys;
    }
}
