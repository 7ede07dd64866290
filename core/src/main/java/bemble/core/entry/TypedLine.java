package bemble.core.entry;

import bemble.core.problem.Refusal;
import java.util.regex.Matcher;

/**
 * What a line says of the paper that lies there.
 *
 * @param form of which kind it is
 * @param question the question it is about, from 1; 0 where it is about the whole paper
 * @param given the answer that stands there, such as {@code 3152}, or how many marks its working gets; else nothing
 * @param correction the child's own correction; nothing where there is none
 * @param how the teacher's code for how it was done; nothing where there is none
 * @param named the letter on the key, the sheet's code, or the beginning of a name; else nothing
 */
public record TypedLine(LineForm form, int question, String given, String correction, String how, String named) {
    private static final int MOST_LETTERS = 200;

    /**
     * Reads a line, such as {@code 7 3152 > 3655 :h}.
     *
     * @param questions how many the sheet has
     * @throws Refusal where it cannot be read, or the sheet has no such question; the fault names {@code line}
     */
    public static TypedLine read(String line, int questions) {
        String typed = line == null ? "" : line.strip();
        if (typed.length() > MOST_LETTERS) {
            throw Refusal.of("line", "This line is longer than " + MOST_LETTERS + " letters. Type one answer a line.");
        }
        for (LineForm form : LineForm.values()) {
            Matcher parts = form.matcher(typed);
            if (parts.matches()) {
                return of(form, parts, questions);
            }
        }
        throw Refusal.of("line",
                "“" + typed + "” is no answer. Type the question and what stands there, like 7 3152; - for blank, "
                        + "? for unreadable, or a letter of the key.");
    }

    private static TypedLine of(LineForm form, Matcher parts, int questions) {
        String number = part(form, parts, "question");
        int question = number.isEmpty() ? 0 : Integer.parseInt(number);
        if (!number.isEmpty() && (question < 1 || question > questions)) {
            throw Refusal.of("line",
                    "The sheet has questions 1 to " + questions + ", and no question " + question + ".");
        }
        String named = part(form, parts, "letter") + part(form, parts, "sheet") + part(form, parts, "name");
        return new TypedLine(form, question, part(form, parts, "given"), part(form, parts, "correction"),
                part(form, parts, "how"), named);
    }

    private static String part(LineForm form, Matcher parts, String name) {
        String found = form.pattern().contains("<" + name + ">") ? parts.group(name) : null;
        return found == null ? "" : found.strip();
    }
}
