package bemble.server.print;

import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk;
import bemble.core.print.ink.Passage;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.cos.COSString;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.font.PDType0Font;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.apache.pdfbox.pdmodel.graphics.state.RenderingMode;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/** Writes pages as a PDF file with real text in embedded fonts. */
public final class PdfWriter {
    private static final float POINTS = 72 / 25.4f;
    private static final COSName ARTIFACT = COSName.getPDFName("Artifact");

    private PdfWriter() {}

    /** @param pageDone is told after each page; it may stop the writing by throwing */
    public static byte[] write(String title, List<Page> pages, Runnable pageDone) {
        try (PDDocument document = new PDDocument(); ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            document.getDocumentInformation().setCreator("Bemble");
            document.getDocumentCatalog().setLanguage("en-GB");
            PDViewerPreferences preferences = new PDViewerPreferences(new COSDictionary());
            preferences.setDisplayDocTitle(true);
            document.getDocumentCatalog().setViewerPreferences(preferences);
            PageFonts fonts = new PageFonts(document);
            PdfTags tags = new PdfTags(document);
            for (Page page : pages) {
                PDPage sheet =
                        new PDPage(new PDRectangle((float) page.width() * POINTS, (float) page.height() * POINTS));
                document.addPage(sheet);
                tags.turnTo(sheet);
                try (PDPageContentStream stream = new PDPageContentStream(document, sheet)) {
                    int drawn = 0;
                    for (Passage passage : page.passages()) {
                        forTheEye(page, drawn, passage.from(), fonts, document, stream);
                        stream.beginMarkedContent(COSName.getPDFName(PdfTags.type(passage.sense())), tags.add(passage));
                        draw(page, passage.from(), passage.to(), fonts, document, stream);
                        stream.endMarkedContent();
                        drawn = passage.to();
                    }
                    forTheEye(page, drawn, page.inks().size(), fonts, document, stream);
                }
                pageDone.run();
            }
            tags.end();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /** Rules and the like, which say nothing to who listens. */
    private static void forTheEye(Page page, int from, int to, PageFonts fonts, PDDocument document,
            PDPageContentStream stream) throws IOException {
        if (from < to) {
            stream.beginMarkedContent(ARTIFACT);
            draw(page, from, to, fonts, document, stream);
            stream.endMarkedContent();
        }
    }

    private static void draw(Page page, int from, int to, PageFonts fonts, PDDocument document,
            PDPageContentStream stream) throws IOException {
        for (int i = from; i < to; i++) {
            PageInk ink = page.inks().get(i);
            draw(i + 1 < to ? followed(ink) : ink, (float) page.height(), fonts, document, stream);
        }
    }

    /** A line after which its passage goes on: without a space its last word would be read as one with the next. */
    private static PageInk followed(PageInk ink) {
        return ink instanceof PageInk.Text text && text.align() == PageInk.Align.START
                ? new PageInk.Text(text.x(), text.y(), text.size(), text.align(), text.bold(), text.text() + " ") : ink;
    }

    private static void draw(PageInk ink, float height, PageFonts fonts, PDDocument document,
            PDPageContentStream stream)
            throws IOException {
        if (ink instanceof PageInk.Line line) {
            stream.setStrokingColor(0f);
            stream.setLineWidth((float) line.width() * POINTS);
            stream.moveTo(x(line.x1()), y(line.y1(), height));
            stream.lineTo(x(line.x2()), y(line.y2(), height));
            stream.stroke();
        } else if (ink instanceof PageInk.Bend bend) {
            stream.setStrokingColor(0f);
            stream.setLineWidth((float) bend.width() * POINTS);
            stream.moveTo(x(bend.x1()), y(bend.y1(), height));
            // A bend has one point it is drawn towards; PDF wants two, each two thirds of the way.
            stream.curveTo(x(third(bend.x1(), bend.towardsX())), y(third(bend.y1(), bend.towardsY()), height),
                    x(third(bend.x2(), bend.towardsX())), y(third(bend.y2(), bend.towardsY()), height),
                    x(bend.x2()), y(bend.y2(), height));
            stream.stroke();
        } else if (ink instanceof PageInk.Text text) {
            text(text, height, fonts, stream);
        } else if (ink instanceof PageInk.Block block) {
            fill(block.left(), block.top(), block.side(), block.side(), height, stream);
        } else if (ink instanceof PageInk.Code code) {
            for (CodeModules.Run run : CodeModules.of(code)) {
                fill(run.left(), run.top(), run.width(), run.height(), height, stream);
            }
        } else if (ink instanceof PageInk.Photo photo) {
            stream.drawImage(JPEGFactory.createFromByteArray(document, photo.jpeg()), x(photo.left()),
                    y(photo.top() + photo.height(), height), (float) photo.width() * POINTS,
                    (float) photo.height() * POINTS);
        }
    }

    private static void fill(double left, double top, double width, double high, float height,
            PDPageContentStream stream) throws IOException {
        stream.setNonStrokingColor(0f);
        stream.addRect(x(left), y(top + high, height), (float) width * POINTS, (float) high * POINTS);
        stream.fill();
    }

    private static void text(PageInk.Text text, float height, PageFonts fonts, PDPageContentStream stream)
            throws IOException {
        ShapedText shaped = ShapedText.of(text.text(), text.bold()).orElse(null);
        PDType0Font font = fonts.of(text.bold());
        if (shaped != null) {
            outline(text, shaped, height, font, stream);
            return;
        }
        String printable = PageFonts.printable(font, text.text());
        float size = (float) text.size() * POINTS;
        float width = font.getStringWidth(printable) / 1000 * size;
        float back = (float) back(text, width);
        stream.beginText();
        stream.setNonStrokingColor(0f);
        stream.setFont(font, size);
        stream.newLineAtOffset(x(text.x()) - back, y(text.y(), height));
        stream.showText(printable);
        stream.endText();
    }

    /** How far before its place a text begins. */
    static double back(PageInk.Text text, double width) {
        return switch (text.align()) {
            case START -> 0;
            case MIDDLE -> width / 2;
            case END -> width;
        };
    }

    /** A text as its outline, with what it says beside it for whoever copies or listens. */
    private static void outline(PageInk.Text text, ShapedText shaped, float height, PDType0Font font,
            PDPageContentStream stream) throws IOException {
        COSDictionary said = new COSDictionary();
        said.setItem(COSName.ACTUAL_TEXT, new COSString(text.text()));
        stream.beginMarkedContent(COSName.getPDFName("Span"), PDPropertyList.create(said));
        stream.setNonStrokingColor(0f);
        double left = text.x() - back(text, shaped.width() * text.size());
        PathIterator path = shaped.outline().getPathIterator(new AffineTransform(text.size() * POINTS, 0, 0,
                -text.size() * POINTS, left * POINTS, y(text.y(), height)));
        float[] at = new float[6];
        float x = 0;
        float y = 0;
        for (; !path.isDone(); path.next()) {
            switch (path.currentSegment(at)) {
                case PathIterator.SEG_MOVETO -> stream.moveTo(at[0], at[1]);
                case PathIterator.SEG_LINETO -> stream.lineTo(at[0], at[1]);
                case PathIterator.SEG_QUADTO -> stream.curveTo((float) third(x, at[0]), (float) third(y, at[1]),
                        (float) third(at[2], at[0]), (float) third(at[3], at[1]), at[2], at[3]);
                case PathIterator.SEG_CUBICTO -> stream.curveTo(at[0], at[1], at[2], at[3], at[4], at[5]);
                default -> stream.closePath();
            }
            int end = switch (path.currentSegment(at)) {
                case PathIterator.SEG_MOVETO, PathIterator.SEG_LINETO -> 0;
                case PathIterator.SEG_QUADTO -> 2;
                case PathIterator.SEG_CUBICTO -> 4;
                default -> -1;
            };
            x = end < 0 ? x : at[end];
            y = end < 0 ? y : at[end + 1];
        }
        stream.fill();
        // What of it the page's own font has can be searched for too, without being seen.
        stream.beginText();
        stream.setRenderingMode(RenderingMode.NEITHER);
        stream.setFont(font, (float) text.size() * POINTS);
        stream.newLineAtOffset(x(left), y(text.y(), height));
        stream.showText(PageFonts.printable(font, text.text()));
        stream.setRenderingMode(RenderingMode.FILL);
        stream.endText();
        stream.endMarkedContent();
    }

    private static double third(double end, double towards) {
        return end + (towards - end) * 2 / 3;
    }

    private static float x(double millimetres) {
        return (float) millimetres * POINTS;
    }

    private static float y(double millimetres, float height) {
        return (height - (float) millimetres) * POINTS;
    }
}
