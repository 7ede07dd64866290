package bemble.server.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bemble.core.print.TextPages;
import bemble.core.print.ink.Letters;
import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk.Align;
import bemble.core.print.ink.PageInk;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.operator.Operator;
import org.apache.pdfbox.cos.COSBase;
import org.apache.pdfbox.cos.COSNumber;
import org.apache.pdfbox.pdfparser.PDFStreamParser;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.text.PDFMarkedContentExtractor;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;

/** The same ink as PDF and as SVG, to the tenth of a millimetre. */
class WritersTest {
    private static final float POINTS = 72 / 25.4f;

    private static final Page PAGE = new Page(210, 297, List.of(
            new PageInk.Line(20, 30, 60, 30, 0.4),
            new PageInk.Bend(10, 10, 15, 5, 20, 10, 0.4),
            new PageInk.Text(20, 40, 5, Align.START, false, "Slates & <rope>"),
            new PageInk.Text(100, 50, 5, Align.MIDDLE, true, "58"),
            new PageInk.Text(190, 60, 5, Align.END, false, "√529 ≈ 23 − 0 × 1 ÷ 2")));

    /** Lines are broken by widths that core knows by heart. */
    @Test
    void lettersAreAsWideAsTheRoomThatIsLeftForThem() throws IOException {
        try (PDDocument document = new PDDocument()) {
            PageFonts fonts = new PageFonts(document);
            for (int letter = ' '; letter <= 0x17f; letter++) {
                String text = Character.toString(letter);
                if (Character.isISOControl(letter) || !PageFonts.printable(fonts.of(true), text).equals(text)) {
                    continue;
                }
                double room = Letters.width(text, 1);
                // The font's own width is in thousandths.
                assertThat(fonts.of(true).getStringWidth(text) / 1000).as(text).isCloseTo((float) room,
                        within(0.0055f));
                if (Character.isLetterOrDigit(letter)) {
                    assertThat(fonts.of(false).getStringWidth(text) / 1000).as(text).isLessThan((float) room + 0.05f);
                }
            }
        }
    }

    @Test
    void textStandsWhereItIsPut() throws IOException {
        List<TextPosition> letters = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(PdfWriter.write("Slates", List.of(PAGE), () -> {}))) {
            PDFTextStripper stripper = new PDFTextStripper() {
                @Override
                protected void processTextPosition(TextPosition text) {
                    letters.add(text);
                }
            };
            stripper.getText(document);
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Slates");
            assertThat(document.getPage(0).getMediaBox().getWidth() / POINTS).isCloseTo(210f, within(0.1f));
        }
        TextPosition first = letters.get(0);
        assertThat(first.getUnicode()).isEqualTo("S");
        assertThat(first.getXDirAdj() / POINTS).isCloseTo(20f, within(0.1f));
        assertThat(first.getYDirAdj() / POINTS).isCloseTo(40f, within(0.1f));
        List<TextPosition> middle =
                letters.stream().filter(letter -> Math.abs(letter.getYDirAdj() / POINTS - 50) < 1).toList();
        float centre = (middle.get(0).getXDirAdj() + middle.get(1).getXDirAdj() + middle.get(1).getWidthDirAdj()) / 2;
        assertThat(centre / POINTS).isCloseTo(100f, within(0.2f));
        TextPosition last = letters.get(letters.size() - 1);
        assertThat((last.getXDirAdj() + last.getWidthDirAdj()) / POINTS).isCloseTo(190f, within(0.2f));
        String end = String.join("", letters.stream().filter(letter -> Math.abs(letter.getYDirAdj() / POINTS - 60) < 1)
                .map(TextPosition::getUnicode).toList());
        assertThat(end.replace(" ", "")).isEqualTo("√529≈23−0×1÷2");
    }

    @Test
    void linesStandWhereTheyArePut() throws IOException {
        try (PDDocument document = Loader.loadPDF(PdfWriter.write("Slates", List.of(PAGE), () -> {}))) {
            List<Float> numbers = new ArrayList<>();
            List<List<Float>> moves = new ArrayList<>();
            for (Object token : new PDFStreamParser(document.getPage(0)).parse()) {
                if (token instanceof COSNumber number) {
                    numbers.add(number.floatValue() / POINTS);
                } else if (token instanceof Operator operator) {
                    if (List.of("m", "l", "c").contains(operator.getName())) {
                        moves.add(List.copyOf(numbers));
                    }
                    numbers.clear();
                } else if (token instanceof COSBase) {
                    numbers.clear();
                }
            }
            near(moves.get(0), 20, 267);
            near(moves.get(1), 60, 267);
            near(moves.get(2), 10, 287);
            // The bend's one point becomes two, each two thirds of the way to it.
            near(moves.get(3), 10 + 10 / 3.0, 287 + 10 / 3.0, 20 - 10 / 3.0, 287 + 10 / 3.0, 20, 287);
        }
    }

    private static void near(List<Float> found, double... expected) {
        assertThat(found).hasSize(expected.length);
        for (int i = 0; i < expected.length; i++) {
            assertThat(found.get(i)).isCloseTo((float) expected[i], within(0.05f));
        }
    }

    @Test
    void aLetterThatNoFontHasSpoilsNothing() throws IOException {
        Page page = new Page(100, 100,
                List.of(new PageInk.Text(10, 10, 5, Align.START, false, "Boats \uD83D\uDEA2 and 漢 rope \uD80C\uDC00")));
        try (PDDocument document = Loader.loadPDF(PdfWriter.write("", List.of(page, page), () -> {}))) {
            assertThat(document.getNumberOfPages()).isEqualTo(2);
            assertThat(new PDFTextStripper().getText(document)).contains("Boats \uD83D\uDEA2 and 漢 rope");
        }
    }

    @Test
    void anSvgIsInMillimetresAndItsWordsAreOnlyWords() {
        String svg = SvgWriter.write(PAGE);
        assertThat(svg).startsWith(
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"210mm\" height=\"297mm\" viewBox=\"0 0 210 297\"")
                .contains("<path d=\"M20 30L60 30\" stroke=\"#000\" stroke-width=\"0.4\"/>")
                .contains("<path d=\"M10 10Q15 5 20 10\"")
                .contains(
                        "<text x=\"20\" y=\"40\" font-size=\"5\" text-anchor=\"start\">Slates &#38; &#60;rope&#62;</text>")
                .contains("text-anchor=\"middle\" font-weight=\"700\">58</text>")
                .contains("text-anchor=\"end\"").endsWith("</svg>");
    }

    /** Headings, sentences and a table in the order of reading; rules are for the eye alone. */
    @Test
    void whoListensToAFileHearsWhatItsWordsAre() throws IOException {
        List<Double> halves = List.of(0.5, 0.5);
        List<Page> pages = TextPages.of("Report of Ida", "3 May", List.of(new TextPages.Heading("What goes well"),
                new TextPages.Row(List.of("Ida can add", "such as 3 + 4"), halves),
                new TextPages.Row(List.of("Ida can take away", "such as 7 − 4"), halves),
                new TextPages.Paragraph("words and ".repeat(900))));
        try (PDDocument document = Loader.loadPDF(PdfWriter.write("Report", pages, () -> {}))) {
            assertThat(pages).hasSizeGreaterThan(1);
            assertThat(document.getDocumentCatalog().getMarkInfo().isMarked()).isTrue();
            List<String> told = new ArrayList<>();
            tell(document.getDocumentCatalog().getStructureTreeRoot(), wordsByNumber(document), told);
            assertThat(String.join(" ", told).replaceAll("(words and )*words and", "…"))
                    .isEqualTo("Document H1 “Report of Ida” "
                            + "P “3 May” H2 “What goes well” Table TR TD “Ida can add” TD “such as 3 + 4” "
                            + "TR TD “Ida can take away” TD “such as 7 − 4”" + " P “…”".repeat(pages.size()));
        }
    }

    private static void tell(PDStructureNode node, Map<String, String> words, List<String> told) {
        for (Object kid : node.getKids()) {
            if (kid instanceof PDStructureElement element) {
                told.add(element.getStructureType());
                tell(element, words, told);
            } else {
                PDPage page = ((PDStructureElement) node).getPage();
                told.add("“" + words.get(page.getStructParents() + " " + kid).strip() + "”");
            }
        }
    }

    /** The words of each marked passage, by its page and its number there. */
    private static Map<String, String> wordsByNumber(PDDocument document) throws IOException {
        Map<String, String> words = new HashMap<>();
        for (PDPage page : document.getPages()) {
            PDFMarkedContentExtractor passages = new PDFMarkedContentExtractor();
            passages.processPage(page);
            passages.getMarkedContents().forEach(passage -> words.put(page.getStructParents() + " " + passage.getMCID(),
                    passage.getContents().stream().map(each -> ((TextPosition) each).getUnicode())
                            .collect(Collectors.joining())));
        }
        return words;
    }
}
