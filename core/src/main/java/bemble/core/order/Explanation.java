package bemble.core.order;

import bemble.core.working.Part;
import bemble.core.working.Step;
import java.util.ArrayList;
import java.util.List;

/** A whole working told in plain sentences, as a pupil is asked to write it. */
public final class Explanation {
    private Explanation() {}

    /** The explanation: a paragraph for each heading of the steps, the check last. */
    public static String of(Worked worked) {
        List<String> paragraphs = new ArrayList<>();
        String heading = null;
        for (Step step : worked.working().steps()) {
            if (step.part() != Part.WORK) {
                break;
            }
            String said = step.spoken().say();
            if (step.title().equals(heading)) {
                int last = paragraphs.size() - 1;
                paragraphs.set(last, paragraphs.get(last) + " " + said);
            } else {
                paragraphs.add(said);
            }
            heading = step.title();
        }
        paragraphs.add(answer(worked));
        return String.join("\n\n", paragraphs);
    }

    private static String answer(Worked worked) {
        boolean cutOff = Boolean.FALSE.equals(worked.answer().exact());
        String answer = "So " + worked.problem().text() + (cutOff ? " ≈ " : " is ") + worked.answer().text() + ".";
        return answer + " Check: " + worked.check().statement() + (worked.check().holds()
                ? ", which agrees, so the answer is probably right." : ", which does not agree.");
    }
}
