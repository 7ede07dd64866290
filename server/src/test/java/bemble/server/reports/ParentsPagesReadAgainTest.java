package bemble.server.reports;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.problem.ProblemText;
import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Every sentence of a page for parents is counted again, from the answers alone and by no code of the page: children invented with an
 * accuracy of their own, some away, some helped, some new, on sheets of any shape.
 */
@Tag("slow")
@ExtendWith(DemoServer.class)
class ParentsPagesReadAgainTest {
    private static final int CHILDREN = 40;
    private static final int SHEETS = 9;
    private static final int QUESTIONS = 8;
    private static final List<String> SHAPES =
            List.of("4 + 4", "3 + 2", "4 - 4", "3 - 2", "2 x 1", "4 x 1", "3 / 1", "3 / 2");
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);

    private record Told(LocalDate day, String problem, boolean right, boolean alone) {
        Optional<Rung> rung() {
            return Ladder.rungOf(ProblemText.kept(problem));
        }
    }

    private final Random random = new Random(20_261_201);

    @Test
    void everySentenceHoldsWhenItIsCountedAgain(RunningServer server) {
        Client teacher = Client.demo(server);
        Map<String, List<Told>> children = new LinkedHashMap<>();
        Map<LocalDate, List<String>> sheets = sheets(LocalDate.now());
        for (int i = 0; i < CHILDREN; i++) {
            children.put("N" + i + " B", told(sheets));
        }
        JsonNode taken = takenOver(teacher, children);
        Map<String, Integer> read = new HashMap<>();
        taken.get("pupils").forEach(pupil -> {
            String page =
                    String.join(" ", Client.printed(teacher.get("/api/pupils/" + pupil.get("id").asLong() + "/report")
                            .json())).replaceAll("\\s+", " ");
            List<Told> answers = children.get(pupil.get("name").asString());
            SENTENCES.forEach((sentence, holds) -> {
                Matcher found = Pattern.compile(sentence).matcher(page);
                while (found.find()) {
                    read.merge(sentence, 1, Integer::sum);
                    assertThat(holds.of(found, answers)).as("“%s” of %s", found.group(), answers).isTrue();
                }
            });
        });
        assertThat(read.keySet()).as("sentences that stood on a page").containsAll(SENTENCES.keySet());
        teacher.send("DELETE", "/api/classes/" + taken.get("id").asLong(), null);
    }

    private interface Reading {
        boolean of(Matcher found, List<Told> answers);
    }

    private static final Map<String, Reading> SENTENCES = Map.of(
            "N\\d+ was not here for the sheets", (found, answers) -> answers.isEmpty(),
            "N\\d+ has worked with help so far", (found, answers) -> !answers.isEmpty()
                    && answers.stream().noneMatch(Told::alone),
            "Of (\\d+) marked answers none was right", (found, answers) -> alone(answers).size() == number(found, 1)
                    && alone(answers).stream().noneMatch(Told::right),
            "On (\\d+ \\w+) (\\d+) of (\\d+) marked answers were right",
            (found, answers) -> ofDay(found, answers).size() == number(
                    found, 3)
                    && ofDay(found, answers).stream().filter(Told::right).count() == number(found, 2)
                    && isLastRightDay(found, answers),
            "On (\\d+ \\w+) all (\\d+) marked answers were right",
            (found, answers) -> ofDay(found, answers).size() == number(found,
                    2) && ofDay(found, answers).stream().allMatch(Told::right) && isLastRightDay(found, answers),
            "N\\d+ knows ([^.;]*)[.;]", (found, answers) -> isKnown(on(found.group(1), answers)),
            "N\\d+ is practising ([^.]*)\\.", (found, answers) -> isWorkedOn(on(found.group(1), answers), answers),
            "N\\d+ is practising ([^.]*)\\. This is one of N\\d+’s own questions, of (\\d+ \\w+)\\.", (found,
                    answers) -> on(found.group(1), answers).stream().anyMatch(each -> !each.right()
                            && DAY.format(each.day()).equals(found.group(2))),
            "On (\\d+ \\w+) N\\d+ worked this alone, and the answer is right",
            (found, answers) -> ofDay(found, answers).stream()
                    .anyMatch(Told::right));

    /** Nine of the last ten right without help at least, on two days. */
    private static boolean isKnown(List<Told> answers) {
        List<Told> alone = alone(answers);
        List<Told> last = alone.subList(Math.max(0, alone.size() - 10), alone.size());
        return last.size() == 10 && last.stream().filter(Told::right).count() > 8
                && alone.stream().map(Told::day).distinct().count() > 1;
    }

    /** Tried, and not in a question or two in passing where something else was tried more. */
    private static boolean isWorkedOn(List<Told> here, List<Told> answers) {
        return !here.isEmpty() && (here.size() > 3 || answers.stream().map(Told::rung).flatMap(Optional::stream)
                .map(rung -> on(rung.plainWords(), answers)).allMatch(each -> each.size() <= 3 || isKnown(each)
                        || alone(each).size() <= 3));
    }

    private static List<Told> on(String plainWords, List<Told> answers) {
        return answers.stream().filter(each -> each.rung().map(Rung::plainWords).filter(plainWords::equals).isPresent())
                .toList();
    }

    private static List<Told> alone(List<Told> answers) {
        return answers.stream().filter(Told::alone).toList();
    }

    private static List<Told> ofDay(Matcher found, List<Told> answers) {
        return alone(answers).stream().filter(each -> DAY.format(each.day()).equals(found.group(1))).toList();
    }

    private static boolean isLastRightDay(Matcher found, List<Told> answers) {
        return alone(answers).stream().filter(Told::right).map(Told::day).max(Comparator.naturalOrder())
                .map(DAY::format)
                .filter(found.group(1)::equals).isPresent();
    }

    private static int number(Matcher found, int group) {
        return Integer.parseInt(found.group(group));
    }

    private Map<LocalDate, List<String>> sheets(LocalDate today) {
        Map<LocalDate, List<String>> sheets = new LinkedHashMap<>();
        for (int i = 0; i < SHEETS; i++) {
            String[] shape = SHAPES.get(i % 4 < 2 ? i % 2 : random.nextInt(SHAPES.size())).split(" ");
            List<String> problems = new ArrayList<>();
            while (problems.size() < QUESTIONS) {
                long first = number(shape[0]);
                long second = number(shape[2]);
                problems.add(shape[1].equals("-") ? Math.max(first, second) + " - " + Math.min(first, second)
                        : first + " " + shape[1] + " " + second);
            }
            sheets.put(today.minusDays(30 - 3L * i), problems);
        }
        return sheets;
    }

    private long number(String length) {
        long least = (long) Math.pow(10, Integer.parseInt(length) - 1.0);
        return Math.max(2, least + random.nextInt((int) (9 * least)));
    }

    private List<Told> told(Map<LocalDate, List<String>> sheets) {
        double accuracy = List.of(1.0, 0.97, 0.8, 0.5, 0.0).get(random.nextInt(5));
        double away = List.of(0.0, 0.1, 0.7, 1.0).get(random.nextInt(4));
        boolean helped = random.nextInt(6) == 0;
        List<Told> told = new ArrayList<>();
        sheets.forEach((day, problems) -> {
            if (random.nextDouble() >= away) {
                boolean alone = !helped && random.nextInt(10) > 0;
                problems.forEach(problem -> told.add(new Told(day, problem, random.nextDouble() < accuracy, alone)));
            }
        });
        return told;
    }

    private static JsonNode takenOver(Client teacher, Map<String, List<Told>> children) {
        List<Object> pupils = new ArrayList<>();
        children.forEach((name, answers) -> {
            List<Object> written = new ArrayList<>();
            Map<LocalDate, Integer> asked = new HashMap<>();
            answers.forEach(each -> written.add(Map.of("day", each.day().toString(), "sheet", "of " + each.day(),
                    "question",
                    asked.merge(each.day(), 1, Integer::sum), "problem", each.problem(), "right", each.right(), "given",
                    each.right() ? "" : "1", "correction", "", "alone", each.alone(), "confirmed", false)));
            pupils.add(Map.of("name", name, "answers", written, "rungs", List.of()));
        });
        Client.Reply taken = teacher.post("/api/classes/file", JsonMapper.builder().build().writeValueAsString(
                Map.of("format", "bemble-class-1", "name", "Read again", "written", "2026-12-01", "pupils", pupils)));
        assertThat(taken.status()).as(taken.text()).isIn(200, 202);
        Patience.until(() -> taken.status() == 200 || teacher.get("/api/jobs/" + taken.json().get("id").asString())
                .json().get("state").asString().equals("DONE"));
        return teacher.schoolClass("Read again");
    }
}
