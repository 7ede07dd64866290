package bemble.server.print;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Names are printed as they are written, in whatever script. */
class OtherScriptsTest {
    private static final double SIZE = 8;

    private static Page page(String name, PageInk.Align align) {
        return new Page(210, 40, List.of(new PageInk.Text(105, 20, SIZE, align, false, name)));
    }

    /** From where to where something black stands on a page, in millimetres. */
    private static double[] black(Page page) throws Exception {
        try (PDDocument file = Loader.loadPDF(PdfWriter.write("names", List.of(page), () -> {}))) {
            var picture = new PDFRenderer(file).renderImageWithDPI(0, 254);
            double[] reach = {Double.MAX_VALUE, -1};
            for (int x = 0; x < picture.getWidth(); x++) {
                for (int y = 0; y < picture.getHeight(); y++) {
                    if ((picture.getRGB(x, y) & 0xFF) < 100) {
                        reach[0] = Math.min(reach[0], x / 10.0);
                        reach[1] = Math.max(reach[1], x / 10.0);
                    }
                }
            }
            return reach;
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"مريم علي", "נועה כהן", "李小明", "प्रिया शर्मा", "ক্ষমা দাস", "ณัฐวุฒิ", "김민준", "Ἀθηνᾶ Π.",
        "Zoë 🦊"})
    void aNameInAnotherScriptIsDrawnWhereItBelongs(String name) throws Exception {
        assertThat(PrintableLetters.missing(name)).isEmpty();
        double[] right = black(page(name, PageInk.Align.START));
        assertThat(right[0]).isBetween(104.0, 108.0);
        assertThat(right[1]).isBetween(112.0, 160.0);
        double[] left = black(page(name, PageInk.Align.END));
        assertThat(left[1]).isBetween(102.0, 106.0);
        assertThat(SvgWriter.write(page(name, PageInk.Align.START))).contains("<path role=\"img\"")
                .doesNotContain("???");
    }

    @Test
    void lettersAreJoinedAndGoFromRightToLeft() {
        double joined = ShapedText.of("علي", false).orElseThrow().width();
        double apart = "علي".codePoints().mapToObj(Character::toString)
                .mapToDouble(letter -> ShapedText.of(letter, false).orElseThrow().width()).sum();
        assertThat(joined).isLessThan(apart * 0.95);
        assertThat(ShapedText.of("Ida M 12", false)).as("the page's own font sets that itself").isEmpty();
    }

    @Test
    void whatNoFontHasIsTold() {
        assertThat(PrintableLetters.missing("Ida 𓀀 M 李")).containsExactly("𓀀");
        assertThat(SvgWriter.write(page("李 𓀀", PageInk.Align.START))).contains("<path role=\"img\"");
    }
}
