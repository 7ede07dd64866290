package bemble.server.print;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The fonts of one PDF, embedded with no more than the letters used. */
final class PageFonts {
    private final PDType0Font regular;
    private final PDType0Font bold;

    PageFonts(PDDocument document) {
        regular = load(document, "/fonts/Andika_400Regular.ttf");
        bold = load(document, "/fonts/Andika_700Bold.ttf");
    }

    private static PDType0Font load(PDDocument document, String name) {
        try (InputStream file = PageFonts.class.getResourceAsStream(name)) {
            TrueTypeFont font = new TTFParser().parse(new RandomAccessReadBuffer(file.readAllBytes()));
            // Letters joined in one sign have no text behind them: copied or read aloud, “left off” would be “left o”.
            font.setEnableGsub(false);
            document.registerTrueTypeFontForClosing(font);
            return PDType0Font.load(document, font, true);
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        }
    }

    PDType0Font of(boolean isBold) {
        return isBold ? bold : regular;
    }

    /** The text with a ? for every letter that the font does not have. */
    static String printable(PDType0Font font, String text) {
        StringBuilder printable = new StringBuilder();
        text.codePoints().forEach(letter -> {
            String one = Character.toString(letter);
            try {
                font.encode(one);
                printable.append(one);
            } catch (IllegalArgumentException | IOException missing) {
                printable.append('?');
            }
        });
        return printable.toString();
    }
}
