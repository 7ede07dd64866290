package bemble.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.given.RandomNumbers;
import bemble.core.given.Trials;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.method.EveryMethodTest;
import bemble.core.method.Methods;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ForkJoinPool;
import java.util.random.RandomGenerator;
import org.junit.jupiter.api.Test;

/** The same answers give the same judgement, in whatever order they are asked about and however many threads work. */
class OneJudgementTest {
    private static final int PAPERS = Trials.of(60) / 2;

    /** @param given what was answered to each question */
    private record Paper(int number, List<Problem> questions, List<String> given) {}

    private static List<Paper> papers() {
        RandomGenerator random = RandomNumbers.seeded(39_500);
        List<Problem> sheet = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            // Long ones among them: where not all hands can be tried it matters which were.
            sheet.add(EveryMethodTest.problem(Operation.values()[i % 4], random, i % 6 == 5 ? 14 : 4));
        }
        List<Paper> papers = new ArrayList<>();
        for (int number = 0; number < PAPERS; number++) {
            List<Problem> questions = new ArrayList<>();
            List<String> given = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                Problem problem = sheet.get(random.nextInt(sheet.size()));
                questions.add(problem);
                given.add(answer(problem, random));
            }
            papers.add(new Paper(number, questions, given));
        }
        return papers;
    }

    private static String answer(Problem problem, RandomGenerator random) {
        var method = Methods.usual(problem);
        var slips = Slips.met(problem, method.name());
        Hand hand = slips.isEmpty() || random.nextInt(3) == 0 ? Hand.CAREFUL
                : slips.get(random.nextInt(slips.size())).slip().over(Hand.CAREFUL);
        return Written.tried(hand, problem, method, HouseStyle.USUAL).map(written -> written.answer().text())
                .orElse("7");
    }

    /** Every judgement to its last digit, by the number of its paper. */
    private static Map<Integer, String> judged(List<Paper> papers, int threads) throws Exception {
        Map<Problem, Answers> known = new HashMap<>();
        papers.forEach(paper -> paper.questions()
                .forEach(question -> known.computeIfAbsent(question, each -> Answers.of(each, null))));
        Map<Integer, String> judged = Collections.synchronizedMap(new HashMap<>());
        ForkJoinPool pool = new ForkJoinPool(threads);
        try {
            pool.submit(() -> papers.parallelStream().forEach(paper -> {
                List<Item> items = new ArrayList<>();
                for (int i = 0; i < paper.questions().size(); i++) {
                    items.add(new Item(known.get(paper.questions().get(i)), paper.given().get(i)));
                }
                Writer writer = Writer.of(items, Punctuation.POINT);
                StringBuilder text = new StringBuilder();
                writer.causes().forEach(
                        cause -> text.append(cause.slip()).append(cause.with()).append(cause.confidence()).append(' '));
                writer.items().forEach(
                        each -> each.findings().forEach(finding -> text.append(finding.slip()).append(finding.with())
                                .append(finding.confidence()).append(finding.places()).append(' ')));
                judged.put(paper.number(), text.append(writer.facts()).append(writer.say()).toString());
            })).get();
        } finally {
            pool.shutdown();
        }
        return judged;
    }

    @Test
    void doesNotDependOnTheOrderNorOnTheThreads() throws Exception {
        List<Paper> papers = papers();
        Map<Integer, String> first = judged(papers, 1);
        for (int order = 1; order < 4; order++) {
            List<Paper> shuffled = new ArrayList<>(papers);
            Collections.shuffle(shuffled, new Random(order));
            assertThat(judged(shuffled, order == 1 ? 1 : 4)).isEqualTo(first);
        }
    }
}
