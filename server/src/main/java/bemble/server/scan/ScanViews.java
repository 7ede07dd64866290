package bemble.server.scan;

import bemble.server.classes.Pupil;
import bemble.server.ids.ScanId;
import jakarta.validation.constraints.NotNull;
import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is shown of filled pages that were brought in. */
final class ScanViews {
    private ScanViews() {}

    /** A scan in a list. */
    record ScanLine(@NotNull ScanId id, @NotNull String name, @NotNull ScanState state,
            @NotNull OffsetDateTime begunAt) {
        static ScanLine of(StoredScan scan) {
            return new ScanLine(scan.id(), scan.name(), scan.state(), scan.begunAt());
        }
    }

    /** A scan that has begun. */
    record BegunScan(@NotNull ScanId id) {}

    /**
     * A scan with what was read.
     *
     * @param say what is to be told of all of it; empty where nothing is
     * @param total how many pages there are; 0 while that is not known
     * @param ask the answers that wait to be confirmed, in the order in which they matter
     * @param pupils whom a page without a name may be of
     * @param learnt from how many confirmed figures of the class its hands are learnt
     * @param pictureDays for how many days the pictures are kept
     */
    record ScanView(@NotNull ScanId id, @NotNull String name, @NotNull ScanState state, @NotNull String say,
            @NotNull int total,
            @NotNull List<ScannedPageView> pages, @NotNull List<AskedReading> ask, @NotNull List<Pupil> pupils,
            @NotNull int learnt, @NotNull int pictureDays) {}

    /** An answer on a page. */
    record AskedReading(@NotNull int page, @NotNull int question) {}

    /**
     * A page.
     *
     * @param page its place in the file, from 1
     * @param sheet the code of the printed sheet, and which page of it
     * @param pupil whose it is; left out where that is not known
     * @param say what is to be told of it; empty where nothing is
     */
    record ScannedPageView(@NotNull int page, @NotNull PageState state, @Nullable String sheet,
            @Nullable Integer sheetPage,
            @Nullable Pupil pupil, @NotNull String say, @NotNull List<ReadingView> answers) {}

    /**
     * An answer as it was read.
     *
     * @param problem the question as it is written
     * @param read the answer that is taken, or that waits to be confirmed; empty where nothing stands there
     * @param sure how sure the reading is, from 0 to 1
     * @param doubtful whether it waits to be confirmed
     * @param without the answer by the ink alone
     * @param right whether what was read is right
     * @param stands what stands in the pile where that is something else: what was typed stands above what was read
     */
    record ReadingView(@NotNull int question, @NotNull String problem, @NotNull String read, @NotNull double sure,
            @NotNull boolean doubtful, @NotNull String without, @NotNull boolean right, @Nullable String stands) {}
}
