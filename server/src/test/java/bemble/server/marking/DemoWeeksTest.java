package bemble.server.marking;

import bemble.core.entry.RightAnswer;
import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.diagnosis.Item;
import bemble.core.diagnosis.Judged;
import bemble.core.diagnosis.Writer;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.pupil.SimulatedPupil.Habit;
import bemble.core.pupil.SimulatedPupil;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.server.marking.taken.DemoClasses;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Six weeks of Lantern Quay School: simulated pupils write, and what is presumed of them is diagnosed, never made up. */
@Tag("slow")
class DemoWeeksTest {
    /** A sheet: weeks ago and the weekday, then rungs with how many questions of each; of a quiz how many right are enough. */
    private static final List<String> TERNS = List.of("6-2 addition-one-carry 8", "6-4 subtraction-one-exchange 8",
            "5-2 addition-one-carry 8", "5-4 subtraction-one-exchange 8", "4-2 addition-a-chain 8",
            "4-4 subtraction-three-digits-one-exchange 8", "3-2 addition-a-chain 8",
            "3-4 subtraction-three-digits-one-exchange 8",
            "2-2 addition-one-carry 3 subtraction-one-exchange 3 addition-a-chain 2", "2-4 subtraction-two-exchanges 8",
            "1-2 subtraction-two-exchanges 8 quiz 7",
            "1-4 addition-a-chain 3 subtraction-three-digits-one-exchange 3 addition-unlike-lengths 2");
    private static final List<String> CURLEWS = List.of("6-1 subtraction-two-exchanges 8",
            "6-3 multiplication-by-one-digit-carries-throughout 6", "5-1 subtraction-two-exchanges 8",
            "5-3 multiplication-by-one-digit-carries-throughout 6", "4-1 subtraction-across-a-zero 8",
            "4-3 multiplication-two-by-two-digits 6", "3-1 subtraction-across-a-zero 8",
            "3-3 multiplication-two-by-two-digits 6",
            "2-1 subtraction-two-exchanges 3 multiplication-by-one-digit-carries-throughout 3",
            "2-3 division-a-remainder 8",
            "1-1 division-a-remainder 8 quiz 7", "1-3 subtraction-across-a-zero 4 division-three-digits 4");
    private static final List<List<Habit>> TERNS_HABITS = List.of(List.of(), List.of(new Habit("carry-forgotten", 0.8)),
            List.of(),
            List.of(new Habit("smaller-from-larger", 0.8)), List.of(), List.of(new Habit("exchange-not-paid", 0.6)));
    /** In subtractions the Curlews write as on the pile that waits; besides, some have a habit of their own elsewhere. */
    private static final List<List<Habit>> CURLEWS_HABITS = IntStream.range(0, 20).mapToObj(i -> Stream.of(
            DemoClasses.HABITS.get(i % DemoClasses.HABITS.size()), i % 5 == 2 ? "placeholder-forgotten" : "",
            i % 7 == 3 ? "remainder-forgotten" : "").filter(slip -> !slip.isEmpty()).map(slip -> new Habit(slip, 0.7))
            .toList()).toList();
    private static final int LONGEST_AGO = 42;
    private static final double ABSENT = 0.06;
    private static final double LEFT_OUT = 0.012;

    private final List<String> lines = new ArrayList<>();
    private final Random random = new Random(20_261_125);

    @Test
    void theWeeksThatShipAreWhatThePupilsWrite() throws Exception {
        write("Terns", DemoClasses.TERNS, TERNS, TERNS_HABITS);
        write("Curlews", DemoClasses.CURLEWS, CURLEWS, CURLEWS_HABITS);
        String made = String.join("\n", lines) + "\n";
        Files.writeString(Path.of("target/weeks.csv"), made);
        String ships = new String(DemoWeeksTest.class.getResourceAsStream("/demo/weeks.csv").readAllBytes(),
                StandardCharsets.UTF_8);
        assertThat(ships).as(
                "raise Diagnosis.VERSION and copy target/weeks.csv to src/main/resources/demo where the change is wanted")
                .isEqualTo(made);
    }

    private void write(String schoolClass, List<String> names, List<String> sheets, List<List<Habit>> habits) {
        for (String sheet : sheets) {
            String[] words = sheet.split(" ");
            int ago = 7 * (words[0].charAt(0) - '0') - (words[0].charAt(2) - '0');
            List<Problem> problems = new ArrayList<>();
            String title = Ladder.find(words[1]).orElseThrow().fullTitle();
            boolean quiz = words[words.length - 2].equals("quiz");
            int end = quiz ? words.length - 2 : words.length;
            for (int i = 1; i < end; i += 2) {
                new Draft(Ladder.find(words[i]).orElseThrow().wishes(), 100L * ago + i)
                        .draw(Integer.parseInt(words[i + 1]))
                        .forEach(question -> problems.add(question.problem()));
            }
            List<Answers> known =
                    problems.stream().map(problem -> Answers.of(problem, Methods.usual(problem).name().id())).toList();
            lines.add("sheet," + schoolClass + "," + words[0] + "," + (quiz ? words[end + 1] : "") + ","
                    + String.join("|", problems.stream().map(Problem::text).toList()) + ","
                    + (end > 3 ? "Mixed, to see what is kept" : (quiz ? "Quiz: " : "") + title));
            for (int i = 0; i < names.size(); i++) {
                paper(names.get(i), i, ago, known, habits.get(i % habits.size()), schoolClass.equals("Terns"));
            }
        }
    }

    private void paper(String name, int index, int ago, List<Answers> sheet, List<Habit> habits, boolean fades) {
        if (random.nextDouble() < ABSENT) {
            lines.add("absent," + name);
            return;
        }
        // Of some the habits fade over the weeks, of others they stay.
        double kept = fades && index % 4 != 3 ? Math.max(0, (ago - 8.0) / LONGEST_AGO) : 1;
        Habit[] now = habits.stream().map(habit -> new Habit(habit.slip(), habit.share() * kept)).toArray(Habit[]::new);
        SimulatedPupil pupil = SimulatedPupil.with(name, now).missing(index % 6 == 4 ? 0.03 : 0.005,
                index % 5 == 1 ? new String[] {"8+7", "7x8", "6x7"} : new String[0]);
        List<Item> items = new ArrayList<>();
        for (Answers question : sheet) {
            Written written = pupil.write(question.problem(), question.method(), HouseStyle.USUAL, random);
            items.add(new Item(question, written.answer().text()));
        }
        Writer writer = Writer.of(items, Punctuation.POINT);
        List<Judged> judged = writer.items();
        lines.add("paper," + name);
        // Some are slow, and now and then somebody leaves one out.
        int reached = items.size() - (index % 6 == 4 && random.nextInt(3) == 0 ? 1 + random.nextInt(2) : 0);
        for (int i = 0; i < items.size(); i++) {
            if (i >= reached) {
                lines.add("not-reached,," + (i + 1));
            } else if (random.nextDouble() < LEFT_OUT) {
                lines.add("blank,," + (i + 1));
            } else if (judged.get(i).verdict() == RightAnswer.Verdict.WRONG) {
                String presumed = judged.get(i).findings().isEmpty() ? "" : judged.get(i).findings().get(0).slip();
                String fact = presumed.equals(Slips.FACT_NEAR_MISS) && writer.factMissed(i) != null
                        ? writer.factMissed(i) : "";
                boolean sure = writer.causes().stream().limit(1).anyMatch(cause -> cause.slip().equals(presumed)
                        && cause.explains() > 1 && cause.confidence() > 0.75);
                lines.add("wrong,," + (i + 1) + "," + items.get(i).given() + "," + presumed + "," + fact + ","
                        + (sure ? presumed : ""));
            }
        }
    }
}
