package bemble.core.handwriting;

import bemble.core.hand.Written;
import bemble.core.print.ink.Page;
import bemble.core.scan.GreyRaster;
import bemble.core.scan.PageMarks;
import bemble.core.scan.PagePlace.Pixel;
import bemble.core.scan.asked.AskedOnPage;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.random.RandomGenerator;

/**
 * A page that somebody has filled and a device has seen, with what was written on it: for whoever tries how well pages are read.
 *
 * @param patterns the middles of the code's patterns as they would be seen, a pixel or so off; the code itself is not drawn
 * @param written what was written, by question
 */
public record PracticePage(GreyRaster picture, List<Pixel> patterns, Map<Integer, Written> written) {
    /** How many modules the code of a page is wide. */
    public static final int MODULES = 21;
    private static final double SCALE = 200 / 25.4;
    private static final int PATTERNS = 3;
    private static final double CONTINENTAL = 0.3;

    /**
     * Has a page filled by one hand and seen.
     *
     * @param by what somebody writes of a question
     */
    public static PracticePage of(Page page, List<AskedOnPage> questions, Function<AskedOnPage, Written> by,
            Scanning.Device device, RandomGenerator random) {
        GreyRaster picture = GreyRaster.white((int) (page.width() * SCALE), (int) (page.height() * SCALE));
        InkOnPage ink = new InkOnPage(picture, SCALE);
        new PrintOnPage(ink, random).draw(page);
        PageWriter writer = new PageWriter(ink,
                random.nextDouble() < CONTINENTAL ? PenHand.continental(random) : PenHand.some(random));
        Map<Integer, Written> written = new HashMap<>();
        for (AskedOnPage asked : questions) {
            Written theirs = by.apply(asked);
            written.put(asked.number(), theirs);
            writer.write(asked.question(), asked.field(), theirs);
        }
        Scanning.Seen seen = new Scanning(device, random).of(picture, SCALE);
        PageMarks marks = new PageMarks(page.width(), page.height());
        List<Pixel> patterns = new ArrayList<>();
        for (int i = 0; i < PATTERNS; i++) {
            PageMarks.Place place = marks.pattern(i, MODULES);
            Pixel exact = seen.place().of(place.x(), place.y());
            patterns.add(new Pixel(exact.x() + random.nextGaussian(), exact.y() + random.nextGaussian()));
        }
        return new PracticePage(seen.picture(), patterns, written);
    }
}
