package bemble.server.scan;

import bemble.server.ids.PupilId;
import org.jspecify.annotations.Nullable;

/**
 * A page of a scan.
 *
 * @param page its place in the file, from 1
 * @param pupilId whose it is; null where that is not known
 * @param sheet the code of the printed sheet, and which page of it
 * @param say what is to be told of it
 */
record StoredPage(int page, PageState state, @Nullable PupilId pupilId, @Nullable String sheet,
        @Nullable Integer sheetPage,
        String say) {}
