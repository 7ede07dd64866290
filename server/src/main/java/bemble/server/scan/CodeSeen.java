package bemble.server.scan;

import bemble.core.scan.GreyRaster;
import bemble.core.scan.PageCode;
import bemble.core.scan.PagePlace.Pixel;
import bemble.server.print.CodeModules;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.LuminanceSource;
import com.google.zxing.PlanarYUVLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.Result;
import com.google.zxing.ResultPoint;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The code on a page, as it is seen.
 *
 * @param patterns the middles of its three patterns: lower left, upper left, upper right
 */
record CodeSeen(PageCode code, List<Pixel> patterns) {
    private static final int PATTERNS = 3;

    /** How many modules the code is wide. */
    int modules() {
        return CodeModules.across(code.text());
    }

    /** The code of a sheet of ours, wherever on the page it is and however that is turned. */
    static Optional<CodeSeen> in(GreyRaster page) {
        // A sharp picture is found at once in half its size; a small code only in the whole.
        return in(page.smaller(2), 2).or(() -> in(page, 1));
    }

    private static Optional<CodeSeen> in(GreyRaster page, int factor) {
        LuminanceSource source =
                new PlanarYUVLuminanceSource(page.pixels(), page.width(), page.height(), 0, 0, page.width(),
                        page.height(), false);
        try {
            Result result = new QRCodeReader().decode(new BinaryBitmap(new HybridBinarizer(source)),
                    Map.of(DecodeHintType.TRY_HARDER, true));
            return PageCode.read(result.getText()).map(code -> new CodeSeen(code, patterns(result, factor)));
        } catch (ReaderException none) {
            return Optional.empty();
        }
    }

    private static List<Pixel> patterns(Result result, int factor) {
        List<Pixel> patterns = new ArrayList<>();
        for (ResultPoint point : List.of(result.getResultPoints()).subList(0, PATTERNS)) {
            // A pixel of the smaller picture has its middle between those that it stands for.
            patterns.add(
                    new Pixel(point.getX() * factor + (factor - 1) / 2.0, point.getY() * factor + (factor - 1) / 2.0));
        }
        return patterns;
    }
}
