package bemble.core.entry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.core.problem.Refusal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The line on which a pile is marked. */
class TypedLineTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', nullValues = "-none", value = {
        "7 3152          | ANSWER | 7  | 3152     | '' | ''",
        "7 3152 > 3655   | ANSWER | 7  | 3152     | 3655 | ''",
        "7 3152>3655:h   | ANSWER | 7  | 3152     | 3655 | h",
        "7.3152 :h       | ANSWER | 7  | 3152     | '' | h",
        "12 12 r 4       | ANSWER | 12 | 12 r 4   | '' | ''",
        "3 1,204.5       | ANSWER | 3  | 1,204.5  | '' | ''",
        "3 12,5          | ANSWER | 3  | 12,5     | '' | ''",
        "3 12 1/4        | ANSWER | 3  | 12 1/4   | '' | ''",
        "3 -4            | ANSWER | 3  | -4       | '' | ''",
        "3  1 204        | ANSWER | 3  | 1 204    | '' | ''",
        "3 £3.45         | ANSWER | 3  | £3.45    | '' | ''",
        "3 3.45 m :h     | ANSWER | 3  | 3.45 m   | '' | h",
        "3 .5            | ANSWER | 3  | .5       | '' | ''",
        "3 4 rem 2 > 4R1 | ANSWER | 3  | 4 rem 2  | 4R1 | ''",
        "7 -             | BLANK | 7 | '' | '' | ''",
        "7 ?             | UNCLEAR | 7 | '' | '' | ''",
        "7 =             | RIGHT | 7 | '' | '' | ''",
        "7 = :h          | RIGHT | 7 | '' | '' | h",
        "7 <             | TAKEN_OUT | 7 | '' | '' | ''",
        "7 m2            | METHOD_MARKS | 7 | 2 | '' | ''",
        "7.M 12          | METHOD_MARKS | 7 | 12 | '' | ''",
        "12 /            | NOT_REACHED | 12 | '' | '' | ''",
        "=               | REST_RIGHT | 0 | '' | '' | ''",
        "= :h            | REST_RIGHT | 0 | '' | '' | h",
        "/               | REST_NOT_REACHED | 0 | '' | '' | ''",
        "!               | ABSENT | 0 | '' | '' | ''"})
    void isReadAsItIsMeant(String line, LineForm form, int question, String given, String correction, String how) {
        assertThat(TypedLine.read(line, 12)).isEqualTo(new TypedLine(form, question, given, correction, how, ""));
    }

    @Test
    void lettersSheetsAndNamesAreNamed() {
        assertThat(TypedLine.read("7 B", 12)).isEqualTo(new TypedLine(LineForm.BY_LETTER, 7, "", "", "", "B"));
        assertThat(TypedLine.read("#K7PT-B", 12))
                .isEqualTo(new TypedLine(LineForm.OTHER_SHEET, 0, "", "", "", "K7PT-B"));
        assertThat(TypedLine.read("Ida", 12)).isEqualTo(new TypedLine(LineForm.NAME, 0, "", "", "", "Ida"));
        assertThat(TypedLine.read("Núria-M.", 12).named()).isEqualTo("Núria-M.");
    }

    /** Lines run into one another, and half of a line, are no answers. */
    @ParameterizedTest
    @ValueSource(strings = {"1 c2 c", "4 74=", "4 74/", "4 7=4", "4 74 5:", "4 7a4", "4 12 r", "4", "", "4 >", "4 > 3",
        "4 3 >", "13 5", "0 5", "4 == ",
        "4 12 rest", "4 74x", "4 £", "4 m-1", "4 m1234", "4 c c", "= 4", "!!", "#", "4 3 > 5 > 6", "4 ½x", "<",
        "Ida 4"})
    void whatIsNoNumberAndNoSignIsRefused(String line) {
        assertThatThrownBy(() -> TypedLine.read(line, 12)).isInstanceOf(Refusal.class);
    }

    @Test
    void aVeryLongLineIsRefused() {
        assertThatThrownBy(() -> TypedLine.read("4 " + "7".repeat(300), 12)).isInstanceOf(Refusal.class)
                .hasMessageContaining("200");
        assertThat(TypedLine.read("4 " + "7".repeat(80), 12).given()).hasSize(80);
    }

    /** What is shown as an example of a form is read as that form, and by no form before it. */
    @ParameterizedTest
    @EnumSource
    void everyExampleIsOfItsForm(LineForm form) {
        assertThat(TypedLine.read(form.example(), 12).form()).isEqualTo(form);
        assertThat(form.means()).isNotBlank();
    }
}
