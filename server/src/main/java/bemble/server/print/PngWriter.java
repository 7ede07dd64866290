package bemble.server.print;

import bemble.core.print.ink.Page;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** Writes a page as a PNG, with the letters that it is printed in. */
public final class PngWriter {
    private static final double DPI = 220;
    private static final double MOST_PIXELS = 8_000_000;
    private static final double MILLIMETRES_AN_INCH = 25.4;

    private PngWriter() {}

    /** Fine enough to be printed; a very large page is drawn coarser, so that it fits into memory. */
    public static byte[] write(Page page) throws IOException {
        double squareInches = page.width() * page.height() / (MILLIMETRES_AN_INCH * MILLIMETRES_AN_INCH);
        float dpi = (float) Math.min(DPI, Math.sqrt(MOST_PIXELS / squareInches));
        try (PDDocument document = Loader.loadPDF(PdfWriter.write("", List.of(page), () -> {}));
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            ImageIO.write(new PDFRenderer(document).renderImageWithDPI(0, dpi, ImageType.RGB), "png", bytes);
            return bytes.toByteArray();
        }
    }
}
