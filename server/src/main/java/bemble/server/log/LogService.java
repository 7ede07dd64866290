package bemble.server.log;

import bemble.core.order.WorkOrder;
import bemble.core.problem.Refusal;
import bemble.server.faults.Missing;
import bemble.server.ids.EntryId;
import bemble.server.ids.TeacherId;
import bemble.server.log.entry.LogEntry;
import bemble.server.log.entry.LogMapper;
import bemble.server.log.entry.NewEntry;
import bemble.server.log.entry.Remarks;
import bemble.server.log.papers.AttemptMapper;
import bemble.server.log.papers.AttemptService;
import bemble.server.log.papers.StoredAttempt;
import bemble.server.style.StyleText;
import bemble.server.web.SearchWords;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** Keeps what each teacher has worked. */
@Service
public class LogService {
    /** For so many days a deleted entry can be brought back. */
    private static final int DAYS_TO_RESTORE = 30;
    /** An export reads so many entries at once. */
    private static final int READ_AT_ONCE = 200;
    private static final int RESTORED_AT_ONCE = 1000;

    private final LogMapper log;
    private final AttemptMapper attempts;
    private final StyleText styles;
    private final ObjectMapper json;
    private final Clock clock;

    LogService(LogMapper log, AttemptMapper attempts, StyleText styles, ObjectMapper json, Clock clock) {
        this.log = log;
        this.attempts = attempts;
        this.json = json;
        this.styles = styles;
        this.clock = clock;
    }

    /** What an import came to. */
    public record Imported(int added, int alreadyThere) {}

    List<LogEntry> search(TeacherId teacherId, String words, @Nullable Boolean pupils, int offset, int most) {
        return log.search(teacherId, SearchWords.pattern(words), pupils, offset, most);
    }

    int count(TeacherId teacherId, String words, Boolean pupils) {
        return log.count(teacherId, SearchWords.pattern(words), pupils);
    }

    /** Every entry, newest first, read a few at a time. */
    public Iterable<LogEntry> all(TeacherId teacherId) {
        return () -> Stream.iterate(0, from -> from + READ_AT_ONCE)
                .map(from -> search(teacherId, "", null, from, READ_AT_ONCE))
                .takeWhile(some -> !some.isEmpty()).flatMap(List::stream).iterator();
    }

    LogEntry find(TeacherId teacherId, EntryId id) {
        return log.find(teacherId, id).orElseThrow(() -> new Missing(
                "This entry is not in your log. It may have been deleted; the list shows what is there."));
    }

    /** Stores a problem worked now, or puts its new working in the place of an entry of the same problem. */
    @Transactional
    LogEntry record(TeacherId teacherId, WorkOrder order, @Nullable EntryId replaces) {
        NewEntry entry = NewEntry.of(order, UUID.randomUUID(), now(), Remarks.NONE, styles);
        if (replaces != null && log.rework(teacherId, replaces, entry) == 1) {
            return find(teacherId, replaces);
        }
        return log.add(teacherId, entry);
    }

    /** Whether the remarks were saved: not so where others have come between. */
    @Transactional
    boolean remark(TeacherId teacherId, EntryId id, Remarks remarks) {
        find(teacherId, id);
        return log.remark(teacherId, id, remarks) == 1;
    }

    /** @throws Refusal where a pupil writes it at a screen just now */
    @Transactional
    void delete(TeacherId teacherId, EntryId id) {
        find(teacherId, id);
        log.openAtScreens(id).ifPresent(code -> {
            throw Refusal.of("", "A pupil writes this paper at a screen just now, under the code " + code
                    + ". End the code first; then it can be deleted.");
        });
        log.delete(teacherId, id, now());
    }

    /**
     * What was tidied away.
     *
     * @param ids what {@link #restore} would bring back
     * @param inPiles how many papers stay since they stand in a pile
     */
    record Tidied(List<EntryId> ids, int inPiles) {}

    /** Deletes what a search shows and is not kept; papers that pupils write or have handed in are never among it. */
    @Transactional
    Tidied deleteAllNotKept(TeacherId teacherId, String words, @Nullable Boolean pupils) {
        String pattern = SearchWords.pattern(words);
        return new Tidied(log.deleteAllNotKept(teacherId, pattern, pupils, now()),
                log.countInPiles(teacherId, pattern, pupils));
    }

    /** What was deleted in the last {@value #DAYS_TO_RESTORE} days, the latest first. */
    List<LogEntry> deleted(TeacherId teacherId, int offset, int most) {
        return log.deleted(teacherId, offset, most);
    }

    int countDeleted(TeacherId teacherId) {
        return log.countDeleted(teacherId);
    }

    /** Brings back all that was deleted together, at that very time. */
    @Transactional
    int restoreDeletedAt(TeacherId teacherId, OffsetDateTime at) {
        return restore(teacherId, log.deletedAt(teacherId, at));
    }

    @Transactional
    int restore(TeacherId teacherId, List<EntryId> ids) {
        int restored = 0;
        for (int from = 0; from < ids.size(); from += RESTORED_AT_ONCE) {
            restored += log.restore(teacherId, ids.subList(from, Math.min(ids.size(), from + RESTORED_AT_ONCE)));
        }
        return restored;
    }

    /** Takes entries in, all or none; those that are there already stay as they are. */
    @Transactional
    public Imported take(TeacherId teacherId, List<ReadEntry> entries) {
        int added = 0;
        Map<UUID, EntryId> known = log.known(teacherId).stream()
                .collect(Collectors.toMap(LogMapper.Known::reference, LogMapper.Known::id));
        List<EntryId> present = new ArrayList<>();
        for (ReadEntry read : entries) {
            EntryId there = known.get(read.entry().reference());
            if (there != null) {
                present.add(there);
            } else {
                EntryId id = log.add(teacherId, read.entry()).id();
                if (read.paper() != null) {
                    attempts.add(new StoredAttempt(id, json.writeValueAsString(read.paper().settings()),
                            json.writeValueAsString(read.paper().figures()), AttemptService.text(read.paper().run()),
                            null, read.paper().question(), null, null));
                }
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
