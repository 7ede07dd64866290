package bemble.server.scan;

import bemble.core.problem.Refusal;
import bemble.server.background.WorkQueue;
import bemble.server.background.WorkQueues;
import bemble.server.classes.Pupil;
import bemble.server.faults.Busy;
import bemble.server.faults.Missing;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.ScanId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.Piles;
import bemble.server.marking.kept.TakenAnswer;
import bemble.server.scan.ScanViews.ScanLine;
import bemble.server.storage.DiskFull;
import bemble.server.storage.Turns;
import java.io.IOException;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.concurrent.RejectedExecutionException;
import java.util.function.BooleanSupplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Filled pages of a pile: brought in, read one file after the other behind the screens, confirmed, put right, forgotten. */
@Service
public class ScanService {
    private static final Logger LOG = LoggerFactory.getLogger(ScanService.class);
    /** Each holds its file. */
    private static final int MOST_WAITING = 1;
    private static final long ASK_AGAIN_SECONDS = 60;
    private static final int NAME_LETTERS = 200;

    private final ScanMapper mapper;
    private final ScanReading reading;
    private final PracticeScanner practice;
    private final TakingRead taking;
    private final LearntHands learnt;
    private final Piles piles;
    private final Turns turns;
    private final Clock clock;
    private final TransactionTemplate transaction;
    private final WorkQueue queue;

    ScanService(ScanMapper mapper, ScanReading reading, PracticeScanner practice, TakingRead taking, LearntHands learnt,
            Piles piles, Turns turns, Clock clock, PlatformTransactionManager transactions, WorkQueues queues) {
        this.mapper = mapper;
        this.reading = reading;
        this.practice = practice;
        this.taking = taking;
        this.learnt = learnt;
        this.piles = piles;
        this.turns = turns;
        this.clock = clock;
        this.transaction = new TransactionTemplate(transactions);
        this.queue = queues
                .add(new WorkQueue.Kind("scans", "Reads filled pages that were brought in", 1, MOST_WAITING, true,
                        true));
    }

    /** Where the bytes of a file come from. */
    private interface Source {
        /** @param stopped asked now and then whether anybody still wants it */
        byte[] bytes(BooleanSupplier stopped) throws IOException;
    }

    /** What was being read when Bemble stopped, and pictures that are not needed any more. */
    @EventListener(ApplicationReadyEvent.class)
    void tidy() {
        try {
            transaction.executeWithoutResult(any -> {
                mapper.endBrokenOff(
                        "Bemble was stopped while it read. What was read is kept; bring the file in once more for the rest.");
                mapper.forgetPictures(OffsetDateTime.now(clock));
            });
        } catch (DiskFull later) {
            LOG.warn("No room to note which pages were not read to their end");
        }
    }

    /**
     * Begins to read a file.
     *
     * @throws Refusal where it is nothing that can be read
     */
    public ScanId begin(TeacherId teacherId, MarkingId markingId, String name, byte[] bytes) {
        piles.open(teacherId, markingId);
        FilledFile.requireRoom(bytes.length);
        try (FilledFile file = FilledFile.open(bytes)) {
            LOG.debug("A file of {} pages", file.pages());
        } catch (IOException closing) {
            LOG.debug("A file could not be closed", closing);
        }
        return begin(teacherId, markingId, name, any -> bytes);
    }

    /** Has the pile written by the practice scanner's children, scanned and read. */
    ScanId practise(TeacherId teacherId, MarkingId markingId) {
        OpenPile open = piles.open(teacherId, markingId);
        PracticeScanner.Pile pile = practice.pile(teacherId, open);
        return begin(teacherId, markingId, "From the practice scanner", stopped -> practice.scan(pile, stopped));
    }

    private ScanId begin(TeacherId teacherId, MarkingId markingId, String name, Source source) {
        StoredScan scan = transaction.execute(any -> mapper.add(teacherId, markingId,
                name.substring(0, Math.min(NAME_LETTERS, name.length())),
                OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS)));
        if (scan == null) {
            throw new IllegalStateException("no scan was kept");
        }
        try {
            queue.execute(() -> read(scan, source));
        } catch (RejectedExecutionException full) {
            transaction.executeWithoutResult(any -> mapper.delete(scan.id()));
            throw new Busy("Other pages are being read just now. Bring these in when they are done.",
                    ASK_AGAIN_SECONDS);
        }
        return scan.id();
    }

    private void read(StoredScan scan, Source source) {
        try (FilledFile file = FilledFile.open(source.bytes(() -> isStopped(scan)))) {
            reading.read(scan, file, () -> isStopped(scan));
        } catch (Missing deleted) {
            reading.end(scan.id(), ScanState.STOPPED, "The pile was deleted meanwhile, so the rest was not read.");
        } catch (IOException | RuntimeException | OutOfMemoryError failure) {
            LOG.error("Pages that were brought in could not be read", failure);
            reading.end(scan.id(), ScanState.FAILED,
                    "Bemble met a fault of its own, and the rest was not read. Bring the file in once more.");
        }
    }

    private boolean isStopped(StoredScan scan) {
        return queue.isStopping() || mapper.state(scan.id()).orElse(null) != ScanState.READING;
    }

    List<ScanLine> of(TeacherId teacherId, MarkingId markingId) {
        piles.open(teacherId, markingId);
        return mapper.ofMarking(teacherId, markingId).stream().map(ScanLine::of).toList();
    }

    /** @throws Missing where the teacher has no such scan */
    StoredScan find(TeacherId teacherId, MarkingId markingId, ScanId id) {
        return mapper.find(teacherId, markingId, id)
                .orElseThrow(() -> new Missing(
                        "These pages are not among yours. The pile's list shows what was brought in."));
    }

    @Transactional
    public void stop(TeacherId teacherId, MarkingId markingId, ScanId id) {
        find(teacherId, markingId, id);
        mapper.end(id, ScanState.STOPPED, "Stopped. What was read is kept.");
    }

    /**
     * Confirms an answer, or puts it right.
     *
     * @param read what stands there; empty where nothing does
     */
    void confirm(TeacherId teacherId, MarkingId markingId, ScanId id, int page, int question, String read) {
        StoredPage of = page(find(teacherId, markingId, id), page);
        PupilId pupilId = of.pupilId();
        String sheet = of.sheet();
        if (pupilId == null || sheet == null) {
            throw Refusal.of("page", "Say first whose page this is.");
        }
        List<TakenAnswer> taken = transaction.execute(any -> {
            turns.of(markingId);
            StoredReading there = mapper.reading(id, page, question)
                    .orElseThrow(
                            () -> new Missing("No answer to question " + question + " was read on page " + page + "."));
            mapper.confirm(id, page, question, read);
            learnt.confirmed(pupilId, there, read);
            return taking.confirmed(teacherId, markingId, pupilId, sheet, there.confirmed(read));
        });
        taking.judge(teacherId, markingId, pupilId, taken == null ? List.of() : taken);
    }

    /** Says whose a page is on which that does not stand. */
    void owner(TeacherId teacherId, MarkingId markingId, ScanId id, int page, PupilId pupilId) {
        List<TakenAnswer> taken = transaction.execute(any -> {
            String sheet = name(teacherId, markingId, id, page, pupilId);
            return taking.sure(teacherId, markingId, pupilId, sheet,
                    mapper.readings(id).stream().filter(reading -> reading.page() == page).toList());
        });
        taking.judge(teacherId, markingId, pupilId, taken == null ? List.of() : taken);
    }

    /** Gives the sheet that the page is of. */
    private String name(TeacherId teacherId, MarkingId markingId, ScanId id, int page, PupilId pupilId) {
        turns.of(markingId);
        StoredPage of = page(find(teacherId, markingId, id), page);
        Pupil pupil = piles.open(teacherId, markingId).pupil(pupilId);
        if (of.state() != PageState.NOBODYS || of.sheet() == null || of.sheetPage() == null) {
            throw Refusal.of("page", "It is known whose page " + page + " is.");
        }
        if (mapper.isHere(markingId, pupilId, of.sheet(), of.sheetPage())) {
            throw Refusal.of("pupil", "Page " + of.sheetPage() + " of " + pupil.name() + "’s sheet is here already.");
        }
        mapper.nameOwner(id, page, PageState.READ, pupilId, "");
        return of.sheet();
    }

    private StoredPage page(StoredScan scan, int page) {
        return mapper.pages(scan.id()).stream().filter(each -> each.page() == page).findFirst()
                .orElseThrow(() -> new Missing("These pages have no page " + page + "."));
    }

    byte[] picture(TeacherId teacherId, MarkingId markingId, ScanId id, int page, int question) {
        find(teacherId, markingId, id);
        return mapper.picture(id, page, question).map(ScanMapper.Picture::picture)
                .orElseThrow(() -> new Missing("The picture of this answer is not kept any more."));
    }

    /** Deletes the pictures of all answers; what was read stays. */
    @Transactional
    public void forgetPictures(TeacherId teacherId, MarkingId markingId, ScanId id) {
        find(teacherId, markingId, id);
        mapper.forgetPicturesOf(id);
    }

    /** Says for how many days the pictures are kept, counted from when the pages were brought in. */
    @Transactional
    public void keepPictures(TeacherId teacherId, MarkingId markingId, ScanId id, int days) {
        find(teacherId, markingId, id);
        mapper.keepPictures(id, days);
        mapper.forgetPictures(OffsetDateTime.now(clock));
    }

    /** Forgets the hands of a pile's class; what was read stays. */
    void forgetHands(TeacherId teacherId, MarkingId markingId) {
        learnt.forget(teacherId, piles.open(teacherId, markingId).stored().classId());
    }
}
