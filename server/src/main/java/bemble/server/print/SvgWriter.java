package bemble.server.print;

import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import org.springframework.web.util.HtmlUtils;

/** Writes one page as SVG; its unit is a millimetre. */
public final class SvgWriter {
    private static final Map<PageInk.Align, String> ANCHORS =
            Map.of(PageInk.Align.START, "start", PageInk.Align.MIDDLE, "middle", PageInk.Align.END, "end");

    private SvgWriter() {}

    public static String write(Page page) {
        StringBuilder svg = new StringBuilder();
        svg.append(format("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\" "
                + "viewBox=\"0 0 %s %s\" font-family=\"Andika, sans-serif\">", page.width(), page.height(),
                page.width(),
                page.height()));
        svg.append("<rect width=\"100%\" height=\"100%\" fill=\"#fff\"/>");
        for (PageInk ink : page.inks()) {
            draw(ink, svg);
        }
        return svg.append("</svg>").toString();
    }

    private static void draw(PageInk ink, StringBuilder svg) {
        if (ink instanceof PageInk.Line line) {
            svg.append(format("<path d=\"M%s %sL%s %s\" stroke=\"#000\" stroke-width=\"%s\"/>", line.x1(), line.y1(),
                    line.x2(), line.y2(), line.width()));
        } else if (ink instanceof PageInk.Bend bend) {
            svg.append(format("<path d=\"M%s %sQ%s %s %s %s\" stroke=\"#000\" fill=\"none\" stroke-width=\"%s\"/>",
                    bend.x1(),
                    bend.y1(), bend.towardsX(), bend.towardsY(), bend.x2(), bend.y2(), bend.width()));
        } else if (ink instanceof PageInk.Text text) {
            ShapedText shaped = ShapedText.of(text.text(), text.bold()).orElse(null);
            if (shaped != null) {
                outline(text, shaped, svg);
                return;
            }
            svg.append(format("<text x=\"%s\" y=\"%s\" font-size=\"%s\" text-anchor=\"%s\"%s>", text.x(), text.y(),
                    text.size(), Objects.requireNonNull(ANCHORS.get(text.align())),
                    text.bold() ? " font-weight=\"700\"" : ""));
            svg.append(HtmlUtils.htmlEscapeDecimal(printable(text.text()))).append("</text>");
        } else if (ink instanceof PageInk.Block block) {
            fill(block.left(), block.top(), block.side(), block.side(), svg);
        } else if (ink instanceof PageInk.Code code) {
            CodeModules.of(code).forEach(run -> fill(run.left(), run.top(), run.width(), run.height(), svg));
        } else if (ink instanceof PageInk.Photo photo) {
            photo(photo, svg);
        }
    }

    private static void photo(PageInk.Photo photo, StringBuilder svg) {
        svg.append(format("<image x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" href=\"data:image/jpeg;base64,",
                photo.left(),
                photo.top(), photo.width(), photo.height())).append(Base64.getEncoder().encodeToString(photo.jpeg()))
                .append("\"><title>").append(HtmlUtils.htmlEscapeDecimal(printable(photo.says())))
                .append("</title></image>");
    }

    private static void fill(double left, double top, double width, double height, StringBuilder svg) {
        svg.append(format("<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\"/>", left, top, width, height));
    }

    /** A text in another script as its outline, since a browser may not have its letters; what it says stands beside it. */
    private static void outline(PageInk.Text text, ShapedText shaped, StringBuilder svg) {
        double left = text.x() - PdfWriter.back(text, shaped.width() * text.size());
        svg.append("<path role=\"img\" aria-label=\"").append(HtmlUtils.htmlEscapeDecimal(printable(text.text())))
                .append("\" d=\"");
        double[] at = new double[6];
        PathIterator path = shaped.outline()
                .getPathIterator(new AffineTransform(text.size(), 0, 0, text.size(), left, text.y()));
        for (; !path.isDone(); path.next()) {
            int kind = path.currentSegment(at);
            String letter = List.of("M", "L", "Q", "C", "Z").get(kind);
            int numbers = List.of(2, 2, 4, 6, 0).get(kind);
            svg.append(letter);
            for (int i = 0; i < numbers; i++) {
                svg.append(i == 0 ? "" : " ").append(format("%s", at[i]));
            }
        }
        svg.append("\"/>");
    }

    /** Without the control characters that no SVG may have. */
    private static String printable(String text) {
        return text.codePoints().map(letter -> Character.isISOControl(letter) || letter > 0xFFFD && letter < 0x10000
                || Character.getType(letter) == Character.SURROGATE ? '?' : letter)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append).toString();
    }

    /** Numbers with as many decimals as a printer can show. */
    private static String format(String pattern, Object... values) {
        Object[] texts = new Object[values.length];
        for (int i = 0; i < values.length; i++) {
            texts[i] = values[i]instanceof Double number
                    ? String.format(Locale.ROOT, "%.2f", number).replaceAll("\\.?0+$", "") : values[i];
        }
        return String.format(Locale.ROOT, pattern, texts);
    }
}
