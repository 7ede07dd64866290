package bemble.server.print;

import java.awt.Font;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.TextAttribute;
import java.awt.font.TextLayout;
import java.text.AttributedString;
import java.util.Optional;

/** A text in scripts that the page's own font does not have: its outline, as it is written by hand in that script. */
final class ShapedText {
    /** Outlines are made this large, so that they need no rounding. */
    private static final float SIZE = 100;
    private static final FontRenderContext EXACT = new FontRenderContext(null, true, true);

    private final TextLayout layout;

    private ShapedText(TextLayout layout) {
        this.layout = layout;
    }

    /**
     * A text that has to be shaped; nothing of one that the page's own font sets.
     *
     * @param text of which letters that no font has become a ?
     */
    static Optional<ShapedText> of(String text, boolean bold) {
        if (text.codePoints().allMatch(PrintableLetters::isOfThePage)) {
            return Optional.empty();
        }
        StringBuilder printable = new StringBuilder();
        text.codePoints().map(letter -> PrintableLetters.has(letter) || Scripts.isSilent(letter) ? letter : '?')
                .forEach(printable::appendCodePoint);
        AttributedString said = new AttributedString(printable.toString());
        Font before = null;
        for (int at = 0; at < printable.length(); at += Character.charCount(printable.codePointAt(at))) {
            int letter = printable.codePointAt(at);
            // What is silent belongs to the letter before it.
            Font font = Scripts.isSilent(letter) && before != null ? before : Scripts.of(letter).orElse(before);
            if (font == null) {
                return Optional.empty();
            }
            before = font;
            said.addAttribute(TextAttribute.FONT, font.deriveFont(bold ? Font.BOLD : Font.PLAIN, SIZE), at,
                    at + Character.charCount(letter));
        }
        return Optional.of(new ShapedText(new TextLayout(said.getIterator(), EXACT)));
    }

    /** Its width as a share of the text's height. */
    double width() {
        return layout.getAdvance() / SIZE;
    }

    /** Its outline from the line it stands on, downwards positive, as a share of the text's height. */
    Shape outline() {
        return layout.getOutline(java.awt.geom.AffineTransform.getScaleInstance(1 / SIZE, 1 / SIZE));
    }
}
