package bemble.server.print;

import bemble.core.print.ink.PageInk;
import com.google.zxing.WriterException;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import com.google.zxing.qrcode.encoder.ByteMatrix;
import com.google.zxing.qrcode.encoder.Encoder;
import java.util.ArrayList;
import java.util.List;

/** The black modules of a code, as blocks to be filled. */
public final class CodeModules {
    private CodeModules() {}

    /** A row's neighbours that are black are one box, so that no hair of white is printed between them. */
    record Run(double left, double top, double width, double height) {}

    static List<Run> of(PageInk.Code code) {
        ByteMatrix modules = matrix(code.text());
        double side = code.side() / modules.getWidth();
        List<Run> runs = new ArrayList<>();
        for (int row = 0; row < modules.getHeight(); row++) {
            int from = 0;
            for (int column = 0; column <= modules.getWidth(); column++) {
                if (column == modules.getWidth() || modules.get(column, row) == 0) {
                    if (column > from) {
                        runs.add(new Run(code.left() + from * side, code.top() + row * side, (column - from) * side,
                                side));
                    }
                    from = column + 1;
                }
            }
        }
        return runs;
    }

    /** How many modules the code of a text is wide. */
    public static int across(String text) {
        return matrix(text).getWidth();
    }

    private static ByteMatrix matrix(String text) {
        try {
            return Encoder.encode(text, ErrorCorrectionLevel.M).getMatrix();
        } catch (WriterException impossible) {
            throw new IllegalStateException("A code takes what a page is called: " + text, impossible);
        }
    }
}
