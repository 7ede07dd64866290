package bemble.server.print;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/** Which letters can be printed: those of the page's own font, and those of the fonts for other scripts. */
public final class PrintableLetters {
    private static final CmapLookup GLYPHS = glyphs();

    private PrintableLetters() {}

    private static CmapLookup glyphs() {
        try (InputStream font = PrintableLetters.class.getResourceAsStream("/fonts/Andika_400Regular.ttf")) {
            return new TTFParser().parse(new RandomAccessReadBuffer(font.readAllBytes())).getUnicodeCmapLookup();
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        }
    }

    /** Whether the page's own font sets a letter, from left to right. */
    static boolean isOfThePage(int letter) {
        return GLYPHS.getGlyphId(letter) != 0 || letter < ' ';
    }

    static boolean has(int letter) {
        return GLYPHS.getGlyphId(letter) != 0 || Scripts.of(letter).isPresent();
    }

    /** The letters of a text that cannot be printed, each once; blanks and line ends are no letters. */
    public static List<String> missing(String text) {
        return text.codePoints().filter(letter -> !Character.isWhitespace(letter)
                && !Scripts.isSilent(letter) && !has(letter)).distinct()
                .mapToObj(Character::toString).toList();
    }
}
