package bemble.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A story has its numbers in it, asks something, and fits them. */
class StoriesTest {
    private static final Stories STORIES = new Stories(plots());

    private static String plots() {
        try {
            return Files.readString(Path.of("src/main/resources/bemble/core/practice/plots.txt"));
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }

    private static List<String> of(String problem) {
        return STORIES.of(ProblemText.kept(problem), HouseStyle.USUAL);
    }

    @ParameterizedTest
    @ValueSource(strings = {"48 + 37", "62 − 48", "34 × 7", "96 ÷ 8"})
    void smallNumbersHaveTwentyStories(String problem) {
        assertThat(of(problem)).hasSizeGreaterThanOrEqualTo(19).doesNotHaveDuplicates().allSatisfy(story -> {
            for (String number : problem.split(" . ")) {
                assertThat(story).contains(number);
            }
            assertThat(story).endsWith("?").doesNotContain("{", "}", "|");
            assertThat(story.split(" ").length).as(story).isLessThan(32);
        });
    }

    @Test
    void aStoryIsToldAgainWithOtherNumbers() {
        String story = of("62 − 48").get(3);
        assertThat(again(story, "62 − 48", "71 − 25")).isEqualTo(story.replace("62", "71").replace("48", "25"))
                .isIn(of("71 − 25"));
        assertThat(again("Ola had 62 shells. She gave 48 away.", "62 − 48", "71 − 25"))
                .isEqualTo("Ola had 71 shells. She gave 25 away.");
        assertThat(again("Of 1,250 terns 400 flew.", "1250 − 400", "1310 − 520",
                Map.of("grouping", "separator", "groupFrom",
                        "four"))).isEqualTo("Of 1,310 terns 520 flew.");
        assertThat(again("Ola, who is 48, had 62 shells and gave 48 away.", "62 − 48", "71 − 25")).isEmpty();
        assertThat(again("Some shells.", "62 − 48", "71 − 25")).isEmpty();
        assertThat(again("Ola had 62 shells. She gave 48 away.", "62 − 48", "√529")).as("another operation").isEmpty();
        assertThat(again("Some shells.", "62 − 48", "62 − 48")).isEqualTo("Some shells.");
        assertThat(again("", "62 − 48", "71 − 25")).isEmpty();
    }

    private static String again(String story, String before, String now) {
        return again(story, before, now, Map.of());
    }

    private static String again(String story, String before, String now, Map<String, String> style) {
        return STORIES.again(story, ProblemText.kept(before), ProblemText.kept(now), HouseStyle.USUAL.with(style));
    }

    @Test
    void whatDoesNotFitItsNumbersIsNotOffered() {
        assertThat(of("4.5 + 3.25")).isNotEmpty().noneMatch(story -> story.contains("children"));
        assertThat(of("70000 − 5")).noneMatch(story -> story.contains("rope"));
        assertThat(of("1 + 1")).as("one of something is told otherwise").isEmpty();
        assertThat(of("48 + 37 + 12")).isEmpty();
        assertThat(of("√529")).isEmpty();
        assertThat(of("123456789 × 987654321")).isEmpty();
    }

    @Test
    void whereSomethingIsLeftOverThatIsAskedTooAndElsewhereNot() {
        assertThat(of("97 ÷ 8")).isNotEmpty().allMatch(story -> story.contains("left") || story.contains("stay behind")
                || story.contains("no place"));
        assertThat(of("96 ÷ 8")).noneMatch(story -> story.contains("left over"));
    }

    @Test
    void aLineThatIsNoPlotIsTold() {
        assertThatThrownBy(() -> new Stories("# a remark\n\naddition many whole Words?")).hasMessageContaining("many");
    }

    @Test
    void numbersAreWrittenInTheHousesStyle() {
        assertThat(STORIES.of(ProblemText.kept("4.5 + 3.25"), HouseStyle.USUAL.with(Map.of("point", "comma"))))
                .allMatch(story -> story.contains("4,5") && story.contains("3,25"));
    }
}
