package bemble.server.reports;

import bemble.core.print.TextPages.Drawing;
import bemble.core.print.TextPages.OwnHand;
import bemble.core.print.TextPages.Part;
import bemble.server.log.papers.PupilPapers;
import bemble.server.scan.ScannedPapers;
import java.time.LocalDate;

/** A right working of a child's own, as it is shown: written at a screen, or on paper in their own hand. */
record OwnPiece(LocalDate day, Part shown) {
    static OwnPiece of(PupilPapers.Own written) {
        return new OwnPiece(written.day(), new Drawing(written.work()));
    }

    static OwnPiece of(ScannedPapers.OwnHand scanned) {
        return new OwnPiece(scanned.day(), hand(scanned));
    }

    /** Their own hand, for a page. */
    static OwnHand hand(ScannedPapers.OwnHand scanned) {
        return new OwnHand(scanned.jpeg(), scanned.width(), scanned.height(),
                scanned.problem().text() + ", as it was written");
    }
}
