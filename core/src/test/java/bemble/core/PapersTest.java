package bemble.core;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.ProblemText;
import bemble.core.sheet.SheetMark;
import bemble.core.style.Choice;
import bemble.core.style.HouseStyle;
import bemble.core.style.option.Option;
import bemble.core.words.Words;
import bemble.core.working.Spoken;
import bemble.core.working.Step;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Whole papers, mark by mark and sentence by sentence, held against papers that were looked at. A paper that changes on
 * purpose is looked at on screen again; then its new text is taken over from target/papers.
 */
class PapersTest {
    private static final Path KEPT = Path.of("src", "test", "resources", "papers");
    private static final Path WRITTEN = Path.of("target", "papers");

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "column          | 67.4 + 8.95; 86 + 947 + 58; 95 + 9 + 98 + 99 + 97 + 96 + 98 + 99 + 92 + 94 + 99 + 98",
        "running         | 385 + 67 + 49",
        "partial-sums    | 568 + 374; 6.75 + 12.5 + 30; 3 + 4",
        "decomposition   | 4003 − 1258; 713 − 286; 30 − 7.64; 1003 − 998",
        "equal-additions | 713 − 286; 2000 − 1998; 30 − 7.64",
        "counting-up     | 4206 − 1358; 30 − 7.64; 85 − 85; 9.5 − 9.5; 87 − 83; 1000 − 7",
        "long            | 386 × 47; 62 × 704; 305 × 207; 45 × 20; 0 × 25; 7506 ÷ 25; 4227 ÷ 7; 38 ÷ 52; 96 ÷ 4",
        "short           | 745 ÷ 3; 8412 ÷ 4; 4227 ÷ 12; 5 ÷ 7",
        "partial-quotients | 745 ÷ 3; 7506 ÷ 25; 96 ÷ 4; 5 ÷ 7; 8 ÷ 8",
        "area            | 86 × 39; 305 × 7; 0 × 12",
        "crosswise       | 347 × 58; 99 × 99; 120 × 3; 0 × 4",
        "doubled-root    | √529; √41.6 to 2 dp; √7 to 3 dp; √0.5 to 2 dp; √644809",
        "running-divisor | √529; √41.6 to 2 dp; √7 to 3 dp; √0.5 to 2 dp; √644809"})
    void papersStayAsTheyWereLookedAt(String method, String problems) throws IOException {
        StringBuilder text = new StringBuilder();
        for (String problem : problems.split("; ")) {
            for (int option = 0; option < 4; option++) {
                text.append(describe(problem, method, style(option), null));
            }
        }
        assertKept(method, text);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "addition       | 687 + 58    | carry-forgotten both-digits-written carry-swapped lined-up-left subtracted-instead",
        "subtraction    | 5002 − 1347 | smaller-from-larger exchange-not-paid nines-for-free zeros-skipped",
        "multiplication | 604 × 37    | placeholder-forgotten carry-added-first zero-keeps-the-digit matching-columns-only",
        "division       | 3248 ÷ 8    | quotient-zero-forgotten digit-one-short",
        "square-root    | √11025      | root-not-doubled root-zero-forgotten",
        "addition-otherwise | 687 + 458 | works-from-left all-digits-added",
        "subtraction-otherwise | 713 − 286 | added-instead",
        "division-otherwise | 789 ÷ 295 | digit-by-digit",
        "square-root-otherwise | √484  | halved"})
    void papersWithSlipsStayAsTheyWereLookedAt(String name, String problem, String slips) throws IOException {
        StringBuilder text = new StringBuilder();
        for (String slip : slips.split(" ")) {
            for (int option = 0; option < 2; option++) {
                text.append(describe(problem, null, style(option), slip));
            }
        }
        assertKept("slips-" + name, text);
    }

    /** The style that takes the first, second … option of every choice, but for methods and checks. */
    private static HouseStyle style(int number) {
        Map<String, String> ids = new HashMap<>();
        for (Choice<?> choice : HouseStyle.CHOICES) {
            List<? extends Option> options = choice.options();
            if (!choice.group().equals("Methods") && !choice.group().equals("Checks")) {
                ids.put(choice.id(), options.get(Math.min(number, options.size() - 1)).id());
            }
        }
        return HouseStyle.USUAL.with(ids);
    }

    private static void assertKept(String name, CharSequence text) throws IOException {
        Files.createDirectories(WRITTEN);
        Files.writeString(WRITTEN.resolve(name + ".txt"), text);
        assertThat(text.toString()).isEqualTo(Files.readString(KEPT.resolve(name + ".txt")));
    }

    private static String describe(String problem, String method, HouseStyle style, String slip) {
        Worked worked =
                Worked.from(new WorkOrder(ProblemText.kept(problem), method, style, null, slip));
        Map<Integer, List<SheetMark>> marks =
                worked.sheet().marks().stream().collect(Collectors.groupingBy(SheetMark::step));
        StringBuilder text = new StringBuilder("== ").append(problem).append(" = ").append(worked.answer().text())
                .append(slip == null ? "" : " by " + slip).append(", ").append(worked.sheet().rows()).append(" × ")
                .append(worked.sheet().columns()).append('\n');
        for (Step step : worked.working().steps()) {
            if (step.part().id().equals("check")) {
                break;
            }
            Spoken spoken = step.spoken();
            text.append(step.n()).append(' ').append(step.kind().id()).append(": ").append(spoken.say())
                    .append("\n  [").append(spoken.title()).append("] ").append(spoken.fact().text()).append(" | ")
                    .append(spoken.fact().asked()).append(" | ").append(spoken.ask());
            marks.getOrDefault(step.n(), List.of()).forEach(mark -> text.append("\n  ").append(describe(mark)));
            text.append('\n');
        }
        return text.append(worked.check().statement()).append("\nrecord: ")
                .append(worked.record().inShort(new Words(style))).append("\n\n").toString();
    }

    private static String describe(SheetMark mark) {
        return mark.kind().id() + " " + mark.text() + " " + mark.row() + "," + mark.column()
                + (mark.toColumn() == null ? "" : "–" + mark.toRow() + "," + mark.toColumn()) + " " + mark.role().id()
                + " "
                + mark.size().id() + " " + mark.anchor().id() + (mark.until() == null ? "" : " until " + mark.until())
                + (mark.mark().should() == null ? "" : " should be “" + mark.mark().should() + "”");
    }
}
