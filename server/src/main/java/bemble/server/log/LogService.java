package bemble.server.log;

import bemble.core.work.WorkOrder;
import bemble.server.faults.Missing;
import bemble.server.style.StyleText;
import bemble.server.web.SearchWords;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what each teacher has worked. */
@Service
class LogService {
    /** For so many days a deleted entry can be brought back. */
    private static final int DAYS_TO_RESTORE = 30;
    private static final int ALL = Integer.MAX_VALUE;

    private final LogMapper log;
    private final StyleText styles;
    private final Clock clock;

    LogService(LogMapper log, StyleText styles, Clock clock) {
        this.log = log;
        this.styles = styles;
        this.clock = clock;
    }

    /** What an import came to. */
    record Imported(int added, int alreadyThere) {}

    List<LogEntry> search(long teacherId, String words, int offset, int most) {
        return log.search(teacherId, SearchWords.pattern(words), offset, most);
    }

    int count(long teacherId, String words) {
        return log.count(teacherId, SearchWords.pattern(words));
    }

    /** Every entry, newest first. */
    List<LogEntry> all(long teacherId) {
        return search(teacherId, "", 0, ALL);
    }

    LogEntry find(long teacherId, long id) {
        return log.find(teacherId, id).orElseThrow(() ->
                new Missing("This entry is not in your log. It may have been deleted; the list shows what is there."));
    }

    /** Stores a problem worked now, or puts its new working in the place of an entry of the same problem. */
    @Transactional
    LogEntry record(long teacherId, WorkOrder order, Long replaces) {
        NewEntry entry = NewEntry.of(order, UUID.randomUUID(), now(), Remarks.NONE, styles);
        if (replaces != null && log.rework(teacherId, replaces, entry) == 1) {
            return find(teacherId, replaces);
        }
        return log.add(teacherId, entry);
    }

    @Transactional
    LogEntry remark(long teacherId, long id, Remarks remarks) {
        log.remark(teacherId, id, remarks);
        return find(teacherId, id);
    }

    @Transactional
    void delete(long teacherId, long id) {
        find(teacherId, id);
        log.delete(teacherId, id, now());
    }

    /** Deletes what is not kept; the ids say what {@link #restore} would bring back. */
    @Transactional
    List<Long> deleteAllNotKept(long teacherId) {
        return log.deleteAllNotKept(teacherId, now());
    }

    @Transactional
    int restore(long teacherId, List<Long> ids) {
        return ids.isEmpty() ? 0 : log.restore(teacherId, ids);
    }

    /** Takes entries in, all or none; those that are there already stay as they are. */
    @Transactional
    Imported take(long teacherId, List<NewEntry> entries) {
        int added = 0;
        List<Long> present = new ArrayList<>();
        for (NewEntry entry : entries) {
            Optional<Long> there = log.findReference(teacherId, entry.reference());
            if (there.isPresent()) {
                present.add(there.get());
            } else {
                log.add(teacherId, entry);
                added++;
            }
        }
        restore(teacherId, present);
        return new Imported(added, present.size());
    }

    /** Removes for good what was deleted long ago. */
    @Transactional
    void purge() {
        log.purge(now().minusDays(DAYS_TO_RESTORE));
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
