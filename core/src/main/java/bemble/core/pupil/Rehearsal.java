package bemble.core.pupil;

import bemble.core.entry.RightAnswer;
import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.Diagnosis;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;

/**
 * A set tried on a simulated class before it is printed.
 *
 * @param papers what each simulated pupil answered
 * @param minutes how long the middle one needs
 * @param slowest how long the slowest needs, in minutes
 * @param shown the slips that the set brings out, with how many of its questions do
 * @param hidden common slips that no question gives a chance
 * @param alike pairs of slips that no question tells apart
 * @param nobodyWrong the questions, from 1, that nobody gets wrong
 */
public record Rehearsal(List<RehearsedPaper> papers, int minutes, int slowest, List<ShownSlip> shown,
        List<String> hidden,
        List<List<String>> alike, List<Integer> nobodyWrong) {
    private static final List<String> NAMES =
            List.of("Pip", "Wren", "Otter", "Fern", "Moth", "Reed", "Finch", "Sorrel", "Teal",
                    "Bracken", "Vole", "Heron", "Sedge", "Lark", "Rush", "Plover");
    private static final double[] SHARES = {0.95, 0.7, 0.5};
    private static final int SECONDS_TO_BEGIN = 15;

    /**
     * A simulated pupil's paper.
     *
     * @param does the habit in a few words; empty of a careful pupil
     * @param written what they wrote, question by question
     * @param secondsAFigure how long a figure takes them
     */
    public record RehearsedPaper(String pupil, String does, List<String> answers, List<Boolean> right, int seconds,
            List<Written> written, double secondsAFigure) {}

    /** A slip with how many questions it shows in. */
    public record ShownSlip(String name, int questions) {}

    /**
     * Has invented pupils write the questions: careful ones, hurried ones, and one for each common slip.
     *
     * @param sheet the questions with the answers that hands come to
     */
    public static Rehearsal of(List<Answers> sheet, HouseStyle style, long seed) {
        Random random = new Random(seed);
        Map<String, KnownSlip> slips = new LinkedHashMap<>();
        sheet.forEach(answers -> answers.slips().forEach(slip -> slips.putIfAbsent(slip.id(), slip)));
        List<KnownSlip> common = slips.values().stream().filter(slip -> slip.met() == KnownSlip.Met.OFTEN).toList();
        List<RehearsedPaper> papers = new ArrayList<>();
        for (int i = 0; i < NAMES.size(); i++) {
            KnownSlip slip = i < 3 || common.isEmpty() ? null : common.get((i - 3) % common.size());
            SimulatedPupil pupil = new SimulatedPupil(NAMES.get(i), slip == null ? List.of()
                    : List.of(new SimulatedPupil.Habit(slip.id(), SHARES[i % SHARES.length])),
                    i % 3 == 1 ? 0.03 : 0.005,
                    Set.of(),
                    2.5 + random.nextDouble() * 3);
            papers.add(write(pupil, slip == null ? i % 3 == 1 ? "hurries" : "" : slip.name(), sheet, style, random));
        }
        List<Integer> nobody = new ArrayList<>();
        for (int i = 0; i < sheet.size(); i++) {
            int question = i;
            if (papers.stream().allMatch(paper -> paper.right().get(question))) {
                nobody.add(question + 1);
            }
        }
        List<Integer> times = papers.stream().map(RehearsedPaper::seconds).sorted().toList();
        return new Rehearsal(papers, minutes(times.get(times.size() / 2)), minutes(times.get(times.size() - 1)),
                shown(sheet, slips.values()),
                common.stream().filter(slip -> chances(sheet, slip) == 0).map(KnownSlip::name).toList(),
                alike(sheet, common), nobody);
    }

    private static int minutes(int seconds) {
        return (seconds + 59) / 60;
    }

    private static RehearsedPaper write(SimulatedPupil pupil, String does, List<Answers> sheet, HouseStyle style,
            Random random) {
        List<String> answers = new ArrayList<>();
        List<Boolean> right = new ArrayList<>();
        List<Written> papers = new ArrayList<>();
        double seconds = 0;
        for (Answers question : sheet) {
            Problem problem = question.problem();
            Written written = pupil.write(problem, question.method(), style, random);
            String text = written.answer().text();
            papers.add(written);
            answers.add(text);
            right.add(Diagnosis.verdict(question, text, style.point().punctuation()) == RightAnswer.Verdict.CORRECT);
            seconds += SECONDS_TO_BEGIN + pupil.seconds(written);
        }
        return new RehearsedPaper(pupil.name(), does, answers, right, (int) Math.round(seconds), papers,
                pupil.secondsAFigure());
    }

    private static int chances(List<Answers> sheet, KnownSlip slip) {
        return (int) sheet.stream().filter(answers -> answers.hasChance(slip.id())).count();
    }

    private static List<ShownSlip> shown(List<Answers> sheet, Iterable<KnownSlip> slips) {
        List<ShownSlip> shown = new ArrayList<>();
        for (KnownSlip slip : slips) {
            int chances = chances(sheet, slip);
            if (chances > 0 && slip.met() != KnownSlip.Met.RARE) {
                shown.add(new ShownSlip(slip.name(), chances));
            }
        }
        shown.sort((one, other) -> other.questions() - one.questions());
        return shown;
    }

    private static List<List<String>> alike(List<Answers> sheet, List<KnownSlip> common) {
        Map<List<String>, Set<String>> byAnswers = new LinkedHashMap<>();
        for (KnownSlip slip : common) {
            if (chances(sheet, slip) > 0) {
                byAnswers.computeIfAbsent(sheet.stream().map(answers -> answers.likeliest(slip.id())).toList(),
                        any -> new LinkedHashSet<>()).add(slip.name());
            }
        }
        return byAnswers.values().stream().filter(names -> names.size() > 1).map(List::copyOf).toList();
    }
}
