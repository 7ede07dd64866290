package bemble.server.scan;

import bemble.server.ids.MarkingId;
import bemble.server.ids.ScanId;
import bemble.server.ids.TeacherId;
import java.time.OffsetDateTime;

/**
 * Filled pages that were brought in together.
 *
 * @param name what the file was called
 * @param say what is to be told of all of it; may be empty
 * @param pages how many there are; 0 while that is not known
 * @param pictureDays for how many days the pictures of its answers are kept
 */
record StoredScan(ScanId id, TeacherId teacherId, MarkingId markingId, String name, ScanState state, String say,
        int pages,
        OffsetDateTime begunAt, int pictureDays) {}
