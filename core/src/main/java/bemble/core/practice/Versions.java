package bemble.core.practice;

import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Numeral;
import bemble.core.problem.Refusal;
import java.util.ArrayList;
import java.util.List;

/**
 * The same questions with other numbers: each version as hard as the first, question for question. {@code of(questions, "B",
 * 7)} shares no question with {@code questions}.
 */
public final class Versions {
    public static final List<String> LETTERS = List.of("A", "B", "C");

    private Versions() {}

    /**
     * The questions of a version.
     *
     * @param letter A for the questions as they are
     * @param seed the same seed gives the same versions
     * @throws Refusal where there is no such version
     */
    public static List<FeaturedProblem> of(List<FeaturedProblem> questions, String letter, long seed) {
        int version = LETTERS.indexOf(letter);
        if (version < 0) {
            throw Refusal.of("version", "There are versions A, B and C.");
        }
        List<FeaturedProblem> taken = new ArrayList<>(questions);
        List<FeaturedProblem> current = questions;
        for (int i = 1; i <= version; i++) {
            current = renewed(questions, taken, seed + i);
            taken.addAll(current);
        }
        return current;
    }

    private static List<FeaturedProblem> renewed(List<FeaturedProblem> questions, List<FeaturedProblem> taken,
            long seed) {
        List<FeaturedProblem> all = new ArrayList<>(taken);
        List<FeaturedProblem> renewed = new ArrayList<>();
        for (int i = 0; i < questions.size(); i++) {
            FeaturedProblem other = another(questions.get(i), all, seed * 1009 + i);
            all.add(other);
            renewed.add(other);
        }
        return renewed;
    }

    /** A question with the same features and other numbers; where there is none, the question itself. */
    private static FeaturedProblem another(FeaturedProblem question, List<FeaturedProblem> taken, long seed) {
        boolean whole = question.problem().operands().stream().allMatch(Numeral::isWhole);
        if (!whole) {
            return question;
        }
        try {
            return new Draft(Wishes.like(question.features()), seed).draw(1, taken).get(0);
        } catch (Refusal none) {
            return question;
        }
    }
}
