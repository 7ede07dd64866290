package bemble.core.entry;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.problem.Punctuation;
import bemble.core.style.HouseStyle;
import java.util.Map;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Answers as people write them. */
class GivenAnswerTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"£3.45|3.45", "3.45 m|3.45", "+83|83", "0083|83", "3,152|3152", "4 r 2|4 r 2",
        "4 R2|4 r 2", "4 rem 2|4 r 2", "4 remainder 2|4 r 2", "63r6|63 r 6", "63 6/25|63 6/25", "12 cm²|12", ".5|0.5",
        "345 €|345",
        "$ 7|7", "12 m r|-", "fifteen|-", "12 or 13|-", "12 rest|-", "-4|-", "5 x 7|-", "£|-", "7 boats|7"})
    void areRead(String written, String text) {
        assertThat(GivenAnswer.read(written, Punctuation.POINT).map(GivenAnswer::text).orElse("-")).isEqualTo(text);
    }

    /** On a number pad there is a point: it is the decimal sign wherever no point groups digits. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"none|3.375|3.375", "none|3,375|3.375", "thin-space|3.375|3.375",
        "separator|3.375|3375",
        "none|1.234,5|1234.5", "none|1.234.567|1234567", "apostrophe|12.5|12.5"})
    void aPointFromTheNumberPadIsTheDecimalSign(String grouping, String written, String text) {
        HouseStyle style = HouseStyle.USUAL.with(Map.of("point", "comma", "grouping", grouping));
        assertThat(GivenAnswer.read(written, style.answersWritten()).orElseThrow().text()).isEqualTo(text);
        assertThat(style.answersWritten().echoed("3.375")).isEqualTo(grouping.equals("separator") ? "3.375" : "3,375");
    }

    @ParameterizedTest
    @ValueSource(strings = {"3,45 m", "€3,45", "+3,45"})
    void areReadWithTheCommaToo(String written) {
        assertThat(GivenAnswer.read(written, Punctuation.COMMA).orElseThrow().text()).isEqualTo("3.45");
    }
}
