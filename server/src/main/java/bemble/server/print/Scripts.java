package bemble.server.print;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The fonts for names in other scripts than that of the page. They are laid out by the platform, which joins letters, places marks and
 * goes from right to left; they are read when the first such name is printed.
 */
final class Scripts {
    private static final Logger LOG = LoggerFactory.getLogger(Scripts.class);
    /** In the order in which they are asked for a letter: that of the page first, pictures last. */
    private static final List<String> FILES = List.of("Andika_400Regular.ttf",
            "noto-sans/400Regular/NotoSans_400Regular.ttf",
            "noto-sans-arabic/400Regular/NotoSansArabic_400Regular.ttf",
            "noto-sans-hebrew/400Regular/NotoSansHebrew_400Regular.ttf",
            "noto-sans-devanagari/400Regular/NotoSansDevanagari_400Regular.ttf",
            "noto-sans-bengali/400Regular/NotoSansBengali_400Regular.ttf",
            "noto-sans-thai/400Regular/NotoSansThai_400Regular.ttf",
            "zcool-xiaowei/400Regular/ZCOOLXiaoWei_400Regular.ttf",
            "nanum-gothic/400Regular/NanumGothic_400Regular.ttf",
            "noto-emoji/400Regular/NotoEmoji_400Regular.ttf");

    private Scripts() {}

    private static final class Read {
        private static final List<Font> FONTS = read();

        /** Without what the platform needs for it none is read, and what the page's own font has not is told before printing. */
        private static List<Font> read() {
            try {
                return FILES.stream().map(Scripts::font).toList();
            } catch (RuntimeException | LinkageError | InternalError none) {
                LOG.warn("Names in other scripts cannot be printed on this computer: {}", none.toString());
                return List.of();
            }
        }
    }

    private static Font font(String file) {
        try (InputStream stream = Scripts.class.getResourceAsStream("/fonts/" + file)) {
            return Font.createFont(Font.TRUETYPE_FONT, Objects.requireNonNull(stream, file));
        } catch (IOException | FontFormatException broken) {
            throw new IllegalStateException(broken);
        }
    }

    /** The font that has a letter; nothing where none has. */
    static Optional<Font> of(int letter) {
        return Read.FONTS.stream().filter(font -> font.canDisplay(letter)).findFirst();
    }

    /** What joins or chooses forms and is no letter by itself. */
    static boolean isSilent(int letter) {
        return Character.getType(letter) == Character.FORMAT || letter >= 0xFE00 && letter <= 0xFE0F;
    }
}
