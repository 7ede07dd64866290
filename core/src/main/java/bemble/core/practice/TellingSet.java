package bemble.core.practice;

import bemble.core.hand.Method;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.method.Methods;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Problem;
import bemble.core.slip.Slipped;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Questions chosen so that different slips lead to different answers on as many of them as possible.
 *
 * @param answers for each slip that can happen in any of the questions, the answer it leads to in each of them; null
 *     where it cannot happen there
 * @param untold pairs of slips whose answers are the same on every question
 */
public record TellingSet(List<FeaturedProblem> questions, Map<KnownSlip, List<String>> answers,
        List<List<KnownSlip>> untold) {
    /** For each question wanted so many are drawn to choose from. */
    private static final int TO_CHOOSE_FROM = 4;
    private static final int MOST_DRAWN = 120;
    private static final List<KnownSlip> ALL = Slips.ALL;

    /** @param told the numbers of the pairs of slips that the question tells apart */
    private record Candidate(FeaturedProblem question, Map<KnownSlip, String> answers, List<Integer> told) {}

    /** The number of a pair, by the places of its slips in the list of all. */
    private static int pair(int one, int other) {
        return one * ALL.size() + other;
    }

    /** Draws questions to wishes and keeps the most telling. */
    public static TellingSet of(Wishes wishes, int count, long seed) {
        return of(wishes, count, seed, Duration.ofMinutes(1));
    }

    /** @param longest how long more questions than are wanted are looked for, to choose from */
    public static TellingSet of(Wishes wishes, int count, long seed, Duration longest) {
        Draft draft = new Draft(wishes, seed).within(longest.dividedBy(2));
        List<FeaturedProblem> drawn = new ArrayList<>(draft.draw(count));
        long until = System.nanoTime() + longest.dividedBy(2).toNanos();
        int more = Math.min(MOST_DRAWN, count * TO_CHOOSE_FROM) - count;
        for (int i = 0; i < more && System.nanoTime() - until < 0; i++) {
            draft.oneMore(drawn).ifPresent(drawn::add);
        }
        List<Candidate> left = new ArrayList<>(drawn.stream().map(TellingSet::candidate).toList());
        List<Candidate> chosen = new ArrayList<>();
        int[] told = new int[ALL.size() * ALL.size()];
        while (chosen.size() < count) {
            Candidate best = left.get(0);
            double most = -1;
            for (Candidate each : left) {
                double gain = gain(each, told);
                if (gain > most) {
                    most = gain;
                    best = each;
                }
            }
            left.remove(best);
            chosen.add(best);
            best.told().forEach(pair -> told[pair]++);
        }
        return assemble(chosen, told);
    }

    /** The slips there are but for the family of near misses, which can lead anywhere. */
    private static Candidate candidate(FeaturedProblem question) {
        Problem problem = question.problem();
        Method<?> method = Methods.usual(problem);
        Map<KnownSlip, String> answers = new LinkedHashMap<>();
        String right = question.features().answer();
        for (KnownSlip slip : Slips.of(problem, method.name())) {
            Slipped.answer(slip.slip(), problem, method, HouseStyle.USUAL).filter(answer -> !answer.equals(right))
                    .ifPresent(answer -> answers.put(slip, answer));
        }
        return new Candidate(question, answers, pairs(answers));
    }

    /** A pair told apart for the first time counts most, then less and less. */
    private static double gain(Candidate candidate, int[] told) {
        return candidate.told().stream().mapToDouble(pair -> 1 / Math.pow(4, told[pair])).sum();
    }

    /** The slips that these answers tell apart; where only one of two can happen, they tell them too. */
    private static List<Integer> pairs(Map<KnownSlip, String> answers) {
        List<Integer> pairs = new ArrayList<>();
        for (int i = 0; i < ALL.size(); i++) {
            String first = answers.get(ALL.get(i));
            for (int j = i + 1; j < ALL.size(); j++) {
                String second = answers.get(ALL.get(j));
                if ((first != null || second != null) && !String.valueOf(first).equals(second)) {
                    pairs.add(pair(i, j));
                }
            }
        }
        return pairs;
    }

    private static TellingSet assemble(List<Candidate> chosen, int[] told) {
        Map<KnownSlip, List<String>> answers = new LinkedHashMap<>();
        for (KnownSlip slip : ALL) {
            List<String> row = new ArrayList<>();
            chosen.forEach(each -> row.add(each.answers().get(slip)));
            if (row.stream().anyMatch(answer -> answer != null)) {
                answers.put(slip, row);
            }
        }
        List<List<KnownSlip>> untold = new ArrayList<>();
        for (KnownSlip one : answers.keySet()) {
            for (KnownSlip other : answers.keySet()) {
                if (ALL.indexOf(one) < ALL.indexOf(other) && told[pair(ALL.indexOf(one), ALL.indexOf(other))] == 0) {
                    untold.add(List.of(one, other));
                }
            }
        }
        return new TellingSet(chosen.stream().map(Candidate::question).toList(), answers, untold);
    }

    /** What the set cannot tell apart, in a sentence. */
    public String inWords() {
        if (answers.isEmpty()) {
            return "No slip changes an answer here: these questions tell nothing apart.";
        }
        String slips = answers.size() == 1 ? "One slip can happen here" : answers.size() + " slips can happen here";
        if (untold.isEmpty()) {
            return slips + ", and all of them can be told apart by their answers.";
        }
        return slips + ". Not to be told apart: " + String.join("; ", untold.stream()
                .map(pair -> "a child who " + pair.get(0).label() + " and one who " + pair.get(1).label()).toList())
                + ".";
    }
}
