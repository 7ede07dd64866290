package bemble.core.diagnosis;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.outcome.Model;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.problem.Punctuation;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * For a pile of books and a red pen: to each question the answer and the likeliest wrong ones, each with the code of its
 * cause. Causes that no question tells apart share a code.
 *
 * @param codes the codes, the likeliest cause first
 */
public record MarkingKey(List<KeyCode> codes) {
    private static final String LETTERS = "abcdefghijkmnpqrstuvwxyz";
    private static final int MOST_CODES = 14;
    private static final int MOST_WRONG = 6;

    /**
     * A code to write beside a wrong answer.
     *
     * @param slips the slips it stands for
     * @param name the cause in a few words
     */
    public record KeyCode(String code, List<String> slips, String name) {}

    /** A wrong answer with the codes of what leads to it. */
    public record KeyAnswer(String answer, List<String> codes) {}

    /** A question with its answer and the likeliest wrong ones. */
    public record KeyLine(String problem, String answer, List<KeyAnswer> wrong) {}

    /** Reads the codes off the answers that hands come to. */
    public static MarkingKey of(List<Answers> sheet) {
        Map<String, List<String>> vectors = new LinkedHashMap<>();
        Map<String, Double> weights = new LinkedHashMap<>();
        // Two operations may have a slip of one name, each in words of its own.
        Map<String, Set<String>> words = new LinkedHashMap<>();
        for (Answers answers : sheet) {
            for (KnownSlip slip : answers.slips()) {
                words.computeIfAbsent(slip.id(), any -> new LinkedHashSet<>()).add(slip.name());
                vectors.computeIfAbsent(slip.id(), any -> new ArrayList<>());
                weights.merge(slip.id(), answers.hasChance(slip.id()) ? Model.prior(slip.met()) : 0, Double::sum);
            }
        }
        vectors.forEach((slip, vector) -> sheet.forEach(answers -> vector.add(answers.likeliest(slip))));
        Map<List<String>, List<String>> alike = new LinkedHashMap<>();
        vectors.forEach((slip, vector) -> alike.computeIfAbsent(vector, any -> new ArrayList<>()).add(slip));
        List<List<String>> groups = alike.values().stream().filter(group -> weights.getOrDefault(group.get(0), 0.0) > 0)
                .sorted(Comparator.comparingDouble(group -> -group.stream().mapToDouble(weights::get).max().orElse(0)))
                .limit(MOST_CODES).toList();
        List<KeyCode> codes = new ArrayList<>();
        for (List<String> group : groups) {
            Set<String> names = new LinkedHashSet<>();
            group.forEach(slip -> names.addAll(words.get(slip)));
            codes.add(
                    new KeyCode(LETTERS.substring(codes.size(), codes.size() + 1), group, String.join(", or ", names)));
        }
        return new MarkingKey(codes);
    }

    /**
     * A line for each question of a sheet, be it the one that the codes are read off or another: what stands in the
     * books already stays true.
     *
     * @param punctuation how numbers are written there
     */
    public List<KeyLine> linesOf(List<Answers> sheet, Punctuation punctuation) {
        return sheet.stream().map(answers -> line(answers, punctuation)).toList();
    }

    private KeyLine line(Answers answers, Punctuation punctuation) {
        Map<String, List<String>> wrong = new LinkedHashMap<>();
        Map<String, Double> weights = new LinkedHashMap<>();
        for (KeyCode coded : codes) {
            String key = answers.likeliest(coded.slips().get(0));
            if (!answers.isRight(key)) {
                wrong.computeIfAbsent(key, any -> new ArrayList<>()).add(coded.code());
                weights.merge(key, answers.outcomes(coded.slips().get(0)).weight(key), Double::sum);
            }
        }
        List<KeyAnswer> likely = wrong.entrySet().stream()
                .sorted(Comparator.comparingDouble(entry -> -weights.getOrDefault(entry.getKey(), 0.0)))
                .limit(MOST_WRONG)
                .map(entry -> new KeyAnswer(punctuation.write(Answers.text(entry.getKey())), entry.getValue()))
                .toList();
        return new KeyLine(punctuation.write(answers.problem().text()), punctuation.write(answers.rightText()), likely);
    }
}
