package bemble.core.print;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.print.ink.Letters;
import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class HandoutsTest {
    private static List<PageInk.Text> texts(Page page) {
        return page.inks().stream().filter(PageInk.Text.class::isInstance).map(PageInk.Text.class::cast).toList();
    }

    private static Problem example(Operation operation) {
        return ProblemText.kept(HowWeWriteIt.example(operation));
    }

    /** However a house works it, the steps and the sum keep clear of each other and of where it is cut. */
    @ParameterizedTest
    @EnumSource(value = MethodName.class, mode = EnumSource.Mode.EXCLUDE, names = "MATCHING_COLUMNS")
    void aBookmarkHoldsItsStepsAndItsSum(MethodName method) {
        HouseStyle style = HouseStyle.USUAL.with(Map.of(method.operation().property() + "Method", method.id()));
        Page page = Handouts.bookmarks(example(method.operation()), style);
        double width = (page.width() - 24) / 4;
        double half = page.height() / 2;
        List<PageInk.Text> first =
                texts(page).stream().filter(text -> text.x() < 12 + width && text.y() < half).toList();
        assertThat(first.get(0).text()).isEqualTo(method.operation().title());
        List<PageInk.Text> said =
                first.stream().filter(text -> text.align() == PageInk.Align.START && text.size() == 3.5).toList();
        assertThat(said).hasSizeGreaterThanOrEqualTo(3).allSatisfy(text -> assertThat(
                text.x() + Letters.width(text.text(), text.size())).isLessThan(12 + width));
        double foot = said.stream().mapToDouble(PageInk.Text::y).max().orElseThrow();
        List<PageInk.Text> digits = first.subList(first.indexOf(said.get(said.size() - 1)) + 1, first.size());
        assertThat(digits).isNotEmpty().allSatisfy(text -> assertThat(text.y() - text.size()).isGreaterThan(foot));
        assertThat(texts(page).stream().filter(text -> text.text().equals(method.operation().title()))).hasSize(8);
    }

    @Test
    void aBookmarkSpeaksAsTheHouseDoes() {
        HouseStyle style = HouseStyle.USUAL.with(Map.of("onesWord", "units", "carryWord", "regroup"));
        String said = String.join(" ", texts(Handouts.bookmarks(example(Operation.ADDITION), style)).stream()
                .map(PageInk.Text::text).toList());
        assertThat(said).contains("Units under units", "Regroup the ten").doesNotContain("ones ", "Carry");
    }

    @Test
    void theWordsInQuestionsAreOnePage() {
        List<Page> pages = Handouts.keyWords();
        assertThat(pages).hasSize(1);
        assertThat(texts(pages.get(0)).stream().map(PageInk.Text::text)).contains("difference", "But be careful");
    }
}
