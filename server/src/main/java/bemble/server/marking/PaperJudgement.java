package bemble.server.marking;

import bemble.core.diagnosis.Cause;
import bemble.core.diagnosis.Judged;
import bemble.core.diagnosis.Writer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How a paper is judged, each answer in the light of the others: what the pile, what it shows, the pages and the record say of it.
 *
 * @param answers by question
 * @param causes the likeliest first; none of a writer who is likelier careful, or whose habit is likelier not known
 * @param facts what was missed in answers that no cause explains
 * @param say what is to be said of the writer in a sentence
 * @param factsMissed the fact that each wrong answer may have missed, by question
 * @param made the slips of the causes that are likelier made than not
 */
record PaperJudgement(Map<Integer, Judged> answers, List<Cause> causes, List<Writer.Missed> facts, String say,
        Map<Integer, String> factsMissed, Set<String> made) {
    static final PaperJudgement NONE = new PaperJudgement(Map.of(), List.of(), List.of(), "", Map.of(), Set.of());

    private static final double MORE_LIKELY_THAN_NOT = 0.5;

    /** @param questions the question of each of the writer's answers */
    static PaperJudgement of(Writer writer, List<Integer> questions) {
        Map<Integer, Judged> answers = new HashMap<>();
        Map<Integer, String> facts = new HashMap<>();
        List<Judged> each = new ArrayList<>(writer.items());
        for (int i = 0; i < each.size(); i++) {
            answers.put(questions.get(i), each.get(i));
            String missed = writer.factMissed(i);
            if (missed != null) {
                facts.put(questions.get(i), missed);
            }
        }
        Set<String> made = new HashSet<>();
        writer.causes()
                .forEach(cause -> cause.slips().stream().filter(slip -> writer.makes(slip) > MORE_LIKELY_THAN_NOT)
                        .forEach(made::add));
        return new PaperJudgement(answers, writer.causes(), writer.facts(), writer.say(), facts, made);
    }
}
