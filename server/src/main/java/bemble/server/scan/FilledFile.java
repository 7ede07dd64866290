package bemble.server.scan;

import bemble.core.problem.Refusal;
import bemble.core.scan.GreyRaster;
import bemble.core.scan.PageCode;
import bemble.server.limits.Limits;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayInputStream;
import java.io.Closeable;
import java.io.IOException;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.io.IOUtils;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.apache.pdfbox.pdmodel.graphics.PDXObject;
import org.apache.pdfbox.pdmodel.graphics.image.PDImageXObject;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.jspecify.annotations.Nullable;

/**
 * A file of filled pages, a PDF or one picture; taken apart a page at a time, and looked at before anything of it is unpacked. Nothing of it
 * is laid down on the disk meanwhile: it is children's handwriting.
 */
public final class FilledFile implements Closeable {
    private static final int DPI = 200;
    private static final double POINTS_AN_INCH = 72;
    /** A picture with more is made smaller: nothing more can be read in it. */
    private static final long ENOUGH_PIXELS = 9_000_000;
    /** While it is read a file takes some times its size; one that does not fit is refused before. */
    private static final int FILES_IN_THE_HEAP = 6;
    private static final String OTHER =
            "This is neither a PDF nor a picture. Bring in what the scanner or the phone made: a PDF, PNG or JPEG.";
    private static final String DAMAGED =
            "This file cannot be opened; it may have been cut off on its way. Bring it in once more.";

    private final byte[] bytes;
    private final @Nullable PDDocument document;

    private FilledFile(byte[] bytes, @Nullable PDDocument document) {
        this.bytes = bytes;
        this.document = document;
    }

    /** @throws Refusal where a file of so many bytes does not fit into the memory */
    public static void requireRoom(long bytes) {
        if (bytes > Runtime.getRuntime().maxMemory() / FILES_IN_THE_HEAP) {
            throw Refusal.of("file",
                    "This file is too large for the memory that Bemble has here. Make two files of it, or scan it in grey.");
        }
    }

    /** @throws Refusal where it is neither, has a password, is damaged, or has too many pages */
    static FilledFile open(byte[] bytes) {
        if (begins(bytes, "%PDF")) {
            return new FilledFile(bytes, pdf(bytes));
        }
        if (begins(bytes, "\u0089PNG") || begins(bytes, "\u00ff\u00d8\u00ff")) {
            return new FilledFile(bytes, null);
        }
        throw Refusal.of("file", OTHER);
    }

    private static boolean begins(byte[] bytes, String with) {
        for (int i = 0; i < with.length(); i++) {
            if (i >= bytes.length || (bytes[i] & 255) != with.charAt(i)) {
                return false;
            }
        }
        return true;
    }

    private static PDDocument pdf(byte[] bytes) {
        try {
            PDDocument document =
                    Loader.loadPDF(bytes, "", null, null, IOUtils.createMemoryOnlyStreamCache());
            int pages = document.getNumberOfPages();
            if (pages < 1 || pages > Limits.SCANNED_PAGES) {
                document.close();
                throw Refusal.of("file", pages < 1 ? DAMAGED
                        : "This file has " + pages + " pages. Bring in " + Limits.SCANNED_PAGES
                                + " at most at a time.");
            }
            return document;
        } catch (InvalidPasswordException locked) {
            throw Refusal.of("file", "This PDF has a password. Have it made without one, and bring it in again.");
        } catch (IOException damaged) {
            throw Refusal.of("file", DAMAGED);
        }
    }

    /**
     * The code of the first page that has one; of a pile of pages it tells whose they are.
     *
     * @throws Refusal where this is nothing that can be read, or no page has a code
     */
    public static PageCode firstCode(byte[] bytes) throws IOException {
        try (FilledFile file = open(bytes)) {
            for (int page = 1; page <= file.pages(); page++) {
                Optional<CodeSeen> code = file.code(page);
                if (code.isPresent()) {
                    return code.get().code();
                }
            }
        }
        throw Refusal.of("file", "No code of a Bemble sheet is seen on its pages.");
    }

    private Optional<CodeSeen> code(int page) {
        try {
            return CodeSeen.in(page(page));
        } catch (UnreadablePage another) {
            return Optional.empty();
        }
    }

    int pages() {
        return document == null ? 1 : document.getNumberOfPages();
    }

    /**
     * The picture of a page.
     *
     * @param page from 1
     */
    GreyRaster page(int page) throws UnreadablePage {
        try {
            GreyRaster raster = document == null ? picture() : rendered(document, page - 1);
            return (long) raster.width() * raster.height() > ENOUGH_PIXELS ? raster.smaller(2) : raster;
        } catch (IOException | RuntimeException damaged) {
            throw new UnreadablePage("This page cannot be opened; it may be damaged. Scan it once more.");
        }
    }

    private static GreyRaster rendered(PDDocument document, int page) throws IOException, UnreadablePage {
        PDPage sheet = document.getPage(page);
        requireUnpackable(sheet);
        double points = (double) sheet.getCropBox().getWidth() * sheet.getCropBox().getHeight();
        double dpi = Math.min(DPI, Math.sqrt(ENOUGH_PIXELS / Math.max(1, points)) * POINTS_AN_INCH);
        return grey(new PDFRenderer(document).renderImageWithDPI(page, (float) dpi, ImageType.GRAY));
    }

    /** A picture of little bytes can be huge once it is unpacked. */
    private static void requireUnpackable(PDPage sheet) throws IOException, UnreadablePage {
        if (sheet.getResources() == null) {
            return;
        }
        for (COSName name : sheet.getResources().getXObjectNames()) {
            PDXObject object = sheet.getResources().getXObject(name);
            if (object instanceof PDImageXObject image) {
                requireUnpackable(image.getWidth(), image.getHeight());
            }
        }
    }

    private static void requireUnpackable(long width, long height) throws UnreadablePage {
        if (width * height > Limits.SCANNED_PIXELS) {
            throw new UnreadablePage(
                    "This picture has " + width + " × " + height + " pixels, more than is needed to read it. "
                            + "Scan it with 200 to 300 dots an inch.");
        }
    }

    private GreyRaster picture() throws IOException, UnreadablePage {
        try (ImageInputStream stream = ImageIO.createImageInputStream(new ByteArrayInputStream(bytes))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(stream);
            if (!readers.hasNext()) {
                throw new UnreadablePage(OTHER);
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(stream);
                requireUnpackable(reader.getWidth(0), reader.getHeight(0));
                return grey(reader.read(0));
            } finally {
                reader.dispose();
            }
        }
    }

    private static GreyRaster grey(BufferedImage image) {
        BufferedImage grey = image;
        if (image.getType() != BufferedImage.TYPE_BYTE_GRAY) {
            grey = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_BYTE_GRAY);
            Graphics2D graphics = grey.createGraphics();
            graphics.drawImage(image, 0, 0, null);
            graphics.dispose();
        }
        return new GreyRaster(grey.getWidth(), grey.getHeight(),
                ((DataBufferByte) grey.getRaster().getDataBuffer()).getData());
    }

    @Override
    public void close() throws IOException {
        if (document != null) {
            document.close();
        }
    }
}
