package bemble.core.style;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.core.given.RandomNumbers;
import bemble.core.given.RandomStyles;
import bemble.core.given.SheetReader;
import bemble.core.marking.Marking;
import bemble.core.marking.paper.PaperToMark;
import bemble.core.order.ChoiceExample;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import bemble.core.sheet.SheetMark;
import bemble.core.style.option.Option;
import bemble.core.style.word.OnesWord;
import bemble.core.words.PlaceNames;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class HouseStyleTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "none             | point | 1234567.89 | 1234567.89",
        "separator        | point | 1234567.89 | 1,234,567.89",
        "separator        | comma | 1234567.89 | 1.234.567,89",
        "apostrophe       | point | 1234567    | 1’234’567",
        "thin-space       | point | 12345      | 12\u2009345",
        "threes-and-twos  | point | 1234567    | 12,34,567",
        "separator        | point | 1234       | 1234",
        "separator        | point | 0.12345    | 0.12345"})
    void numbersAreGroupedFromFiveDigitsOn(String grouping, String point, String plain, String written) {
        HouseStyle style = HouseStyle.USUAL.with(Map.of("grouping", grouping, "point", point));
        assertThat(style.number(Numeral.of(plain))).isEqualTo(written);
    }

    static Stream<Choice<?>> choices() {
        return HouseStyle.CHOICES.stream();
    }

    /** No choice is idle: each of its options gives its own example another paper, other words, or another check. */
    @ParameterizedTest
    @MethodSource("choices")
    void everyOptionShowsInTheChoicesExample(Choice<?> choice) {
        List<String> seen = choice.options().stream().map(option -> shown(choice, option)).toList();
        if (choice.id().equals("order")) {
            assertThat(seen.get(1)).as("which option is the same for a sum").isNotEqualTo(seen.get(0));
        } else {
            assertThat(seen).doesNotHaveDuplicates();
        }
    }

    /** What a teacher looks at while choosing is the choice itself; these show in what is written later, or between two steps. */
    @ParameterizedTest
    @MethodSource("choices")
    void everyOptionIsSeenOrReadInWhatIsShownOfIt(Choice<?> choice) {
        List<String> seen = choice.options().stream().map(option -> {
            ChoiceExample example =
                    ChoiceExample.of(choice, HouseStyle.USUAL.with(choice.shownWith()).with(choice.id(), option));
            assertThat(example.says() + example.marks()).isNotEqualTo("[]");
            return example.says() + example.marks();
        }).toList();
        if (!List.of("order", "arrows", "methodMarks").contains(choice.id())) {
            assertThat(seen).doesNotHaveDuplicates();
        }
    }

    private static String shown(Choice<?> choice, Option option) {
        HouseStyle style = HouseStyle.USUAL.with(choice.shownWith()).with(choice.id(), option);
        Worked worked =
                Worked.from(new WorkOrder(ProblemText.kept(choice.example()), null, style, null));
        return worked.sheet().marks().stream().map(SheetMark::toString).toList().toString()
                + worked.working().steps().stream().map(step -> step.spoken().toString()).toList().toString()
                + worked.answer() + worked.check() + marks(style, choice.example());
    }

    /** What a paper with nothing but the right answer is given marks for. */
    private static String marks(HouseStyle style, String example) {
        Problem problem = ProblemText.kept(example);
        return String.valueOf(
                Marking.mark(problem, null, style, new PaperToMark(List.of(), false, false, false, null)).marks());
    }

    @Test
    void idsAreReadBackAsTheSameStyleAndUnknownOnesRefused() {
        HouseStyle style = RandomStyles.next(RandomNumbers.seeded(3));
        assertThat(HouseStyle.USUAL.with(style.ids())).isEqualTo(style);
        assertThatThrownBy(() -> HouseStyle.USUAL.with(Map.of("carryPlace", "in-the-head")))
                .isInstanceOf(Refusal.class).hasMessageContaining("above-next");
        assertThatThrownBy(() -> HouseStyle.USUAL.with(Map.of("mood", "good"))).isInstanceOf(Refusal.class);
    }

    @ParameterizedTest
    @CsvSource({"0, one, O", "1, ten, T", "2, hundred, H", "3, thousand, Th", "4, ten thousand, TTh",
        "8, hundred million, HM",
        "-1, tenth, t", "-2, hundredth, h", "-4, ten thousandth, tth", "78, quinvigintillion, ·", "90, 10^90, ·"})
    void placesHaveNamesAsFarAsPaperGoes(int place, String name, String letters) {
        assertThat(PlaceNames.one(place, OnesWord.ONES)).isEqualTo(name);
        assertThat(PlaceNames.letters(place, OnesWord.ONES)).isEqualTo(letters);
    }

    @Test
    void theSubtractionIsNeverTurnedRoundAndTheCheckOfASumKeepsItsOrder() {
        HouseStyle longer = HouseStyle.USUAL.with(Map.of("order", "longer-on-top"));
        Worked sum = Worked.from(new WorkOrder(ProblemText.kept("8 + 146"), null, longer, null));
        assertThat(new SheetReader(sum).read("sum", "addend-1")).isEqualTo("146");
        assertThat(new SheetReader(sum).read("check.sum", "addend-1")).isEqualTo("8");
        assertThat(new SheetReader(sum).read("check.sum", "addend-2")).isEqualTo("146");
    }

    @Test
    void thePageOfChoicesSaysWhatTheCodeSays() throws IOException {
        StringBuilder page = new StringBuilder(
                """
                        # Choices of a house style

                        Made from the code: copy `core/target/choices.md` here when `HouseStyleTest` says that it is stale.

                        Everything about writing and speaking that schools do differently, with what a new school begins with first. On the screen
                        *House style* each is shown by the problem that stands beside it here; in `PATCH /api/style`, in `POST /api/work` and in
                        files a choice and its option go by their names.
                        """);
        HouseStyle.CHOICES.stream().collect(
                Collectors.groupingBy(Choice::group, LinkedHashMap::new, Collectors.toList()))
                .forEach((group, choices) -> {
                    page.append("\n## ").append(group).append("\n\n| | | shown by |\n|---|---|---|\n");
                    choices.forEach(choice -> page.append("| ").append(choice.title()).append(" (`").append(choice.id())
                            .append("`) | ")
                            .append(choice.options().stream().map(option -> option.label() + " (`" + option.id() + "`)")
                                    .collect(Collectors.joining("; ")))
                            .append(" | ").append(choice.example()).append(" |\n"));
                });
        Files.createDirectories(Path.of("target"));
        Files.writeString(Path.of("target", "choices.md"), page);
        Path committed = Path.of("..", "docs", "choices.md");
        assertThat(Files.exists(committed) ? Files.readString(committed) : "").isEqualTo(page.toString());
    }
}
