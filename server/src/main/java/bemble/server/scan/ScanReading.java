package bemble.server.scan;

import bemble.core.scan.QuestionRead;
import bemble.server.classes.Pupil;
import bemble.server.faults.Missing;
import bemble.server.ids.PupilId;
import bemble.server.ids.ScanId;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.Piles;
import bemble.server.marking.kept.TakenAnswer;
import bemble.server.scan.PageReader.ReadPage;
import bemble.server.scan.PageReader.ReadQuestion;
import bemble.server.storage.DiskFull;
import bemble.server.writing.MarkResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Reads a file of filled pages, a page at a time: each is kept whole or not at all, and taken into its pile. */
@Component
class ScanReading {
    private static final Logger LOG = LoggerFactory.getLogger(ScanReading.class);
    private static final String OWN_FAULT =
            "Bemble met a fault of its own on this page. Scan it once more, or type its answers.";

    private final ScanMapper mapper;
    private final PageReader reader;
    private final Piles piles;
    private final TakingRead taking;
    private final TransactionTemplate transaction;

    ScanReading(ScanMapper mapper, PageReader reader, Piles piles, TakingRead taking,
            PlatformTransactionManager transactions) {
        this.mapper = mapper;
        this.reader = reader;
        this.piles = piles;
        this.taking = taking;
        this.transaction = new TransactionTemplate(transactions);
    }

    /**
     * Reads a file.
     *
     * @param stopping asked before each page
     */
    void read(StoredScan scan, FilledFile file, BooleanSupplier stopping) {
        PageReader.Sheets sheets = reader.sheetsOf(scan.teacherId(),
                piles.open(scan.teacherId(), scan.markingId()).stored().classId());
        transaction.executeWithoutResult(any -> mapper.count(scan.id(), file.pages()));
        for (int page = 1; page <= file.pages(); page++) {
            if (stopping.getAsBoolean()) {
                end(scan.id(), ScanState.STOPPED,
                        "Stopped after " + (page - 1) + " of " + file.pages() + " pages. What was read is kept.");
                return;
            }
            one(scan, file, page, sheets);
        }
        end(scan.id(), ScanState.DONE, "");
    }

    /** On a full disk that is not noted; the next start does. */
    void end(ScanId id, ScanState state, String say) {
        try {
            transaction.executeWithoutResult(any -> mapper.end(id, state, say));
        } catch (DiskFull later) {
            LOG.warn("No room on the disk to note that reading has ended");
        }
    }

    private void one(StoredScan scan, FilledFile file, int page, PageReader.Sheets sheets) {
        StoredPage kept;
        List<StoredReading> readings = new ArrayList<>();
        List<byte[]> pictures = new ArrayList<>();
        try {
            ReadPage read = reader.read(file.page(page), sheets);
            for (ReadQuestion question : read.questions()) {
                readings.add(reading(page, question));
                pictures.add(question.picture());
            }
            kept = known(scan, page, read);
        } catch (UnreadablePage unreadable) {
            kept = unread(page, unreadable.getMessage());
        } catch (Missing deleted) {
            throw deleted;
        } catch (RuntimeException | StackOverflowError failure) {
            LOG.error("A page that was brought in could not be read", failure);
            kept = unread(page, OWN_FAULT);
        }
        keep(scan, kept, readings, pictures);
    }

    private static StoredPage unread(int page, @Nullable String say) {
        return new StoredPage(page, PageState.NOT_READ, null, null, null, say == null ? OWN_FAULT : say);
    }

    private StoredPage known(StoredScan scan, int page, ReadPage read) {
        OpenPile open = piles.open(scan.teacherId(), scan.markingId());
        Optional<Pupil> pupil = open.schoolClass().pupil(new PupilId(read.code().pupil()));
        String sheet = read.code().sheet();
        int sheetPage = read.code().page();
        if (pupil.isEmpty()) {
            return new StoredPage(page, PageState.NOBODYS, null, sheet, sheetPage, read.code().pupil() == 0
                    ? "Whose page this is does not stand in its code. Say whose it is."
                    : "This page is of a child who is not in " + open.schoolClass().name()
                            + ". Say whose it is, or take it out.");
        }
        if (mapper.isHere(scan.markingId(), pupil.get().id(), sheet, sheetPage)) {
            return new StoredPage(page, PageState.TWICE, pupil.get().id(), sheet, sheetPage,
                    "Page " + sheetPage + " of "
                            + pupil.get().name() + "’s sheet was brought in before; nothing was changed.");
        }
        return new StoredPage(page, PageState.READ, pupil.get().id(), sheet, sheetPage, "");
    }

    private StoredReading reading(int page, ReadQuestion question) {
        ReadPaper paper = question.paper().orElse(null);
        QuestionRead read = question.read().orElse(null);
        if (paper == null || read == null) {
            // Its squares were not found: what stands there is asked with its picture.
            return new StoredReading(page, question.asked().number(), "", "", 0, true, null, null, null,
                    AnswerSquares.NONE);
        }
        MarkResponse marked = paper.marked();
        return new StoredReading(page, question.asked().number(), paper.said(), paper.ink(), read.answer().sure(),
                read.answer().isDoubtful(), marked == null ? null : marked.likeliestSlip(),
                marked == null || marked.marks() == null ? null : marked.marks().given(),
                marked == null || marked.marks() == null ? null : marked.marks().of(),
                AnswerSquares.of(read));
    }

    /** The page, what was read on it and what of that goes into the pile: all of it or nothing. */
    private void keep(StoredScan scan, StoredPage page, List<StoredReading> readings, List<byte[]> pictures) {
        PupilId pupilId = page.state() == PageState.READ ? page.pupilId() : null;
        boolean isNew = page.state() == PageState.READ || page.state() == PageState.NOBODYS;
        List<TakenAnswer> taken = transaction.execute(any -> {
            mapper.keepPage(scan.id(), page);
            for (int i = 0; isNew && i < readings.size(); i++) {
                mapper.keepReading(scan.id(), readings.get(i), pictures.get(i));
            }
            return pupilId == null || page.sheet() == null ? List.<TakenAnswer>of()
                    : taking.sure(scan.teacherId(), scan.markingId(), pupilId, page.sheet(), readings);
        });
        if (pupilId != null && taken != null) {
            taking.judge(scan.teacherId(), scan.markingId(), pupilId, taken);
        }
    }
}
