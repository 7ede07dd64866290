package bemble.server.log;

import bemble.core.problem.Operation;
import bemble.core.problem.Refusal;
import bemble.server.account.SignedIn;
import bemble.server.faults.ChangedElsewhere;
import bemble.server.ids.EntryId;
import bemble.server.limits.Limits;
import bemble.server.log.entry.LogEntry;
import bemble.server.log.entry.Remarks;
import bemble.server.style.StyleText;
import bemble.server.work.WorkRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The log of the teacher signed in. */
@RestController
@RequestMapping("/api/log")
class LogController {
    private final LogService log;
    private final StyleText styles;

    LogController(LogService log, StyleText styles) {
        this.log = log;
        this.styles = styles;
    }

    /**
     * One entry.
     *
     * @param work works it again exactly as it was
     * @param written of a paper that somebody wrote, {@code open} or how it was marked; left out where Bemble wrote
     * @param deletedAt when it was deleted; left out where it was not
     */
    record EntryView(@NotNull EntryId id, @NotNull OffsetDateTime workedAt, @NotNull Operation operation,
            @NotNull String problem, @NotNull String method, @NotNull WorkRequest work,
            @NotNull String answer, @NotNull String working,
            @NotNull String checkStatement, @NotNull boolean checkHolds, @NotNull String label,
            @NotNull String note, @NotNull boolean kept, @NotNull String explanation, @NotNull int revision,
            @Nullable String written,
            @Nullable OffsetDateTime deletedAt) {}

    record LogPage(@NotNull List<EntryView> entries, @NotNull int total) {}

    /**
     * A problem that was worked to its end.
     *
     * @param replaces the entry of the same problem whose working this one replaces
     */
    record Finished(@NotNull(message = "Say which problem was worked.") @Valid WorkRequest work,
            @Nullable EntryId replaces) {}

    record Deleted(@NotNull List<EntryId> ids) {}

    /**
     * The problems of the log that have the words, the newest first.
     *
     * @param pupils only what pupils wrote at screens, or none of it; everything where it is left out
     */
    @GetMapping
    LogPage list(@AuthenticationPrincipal SignedIn teacher, @RequestParam(defaultValue = "") String search,
            @RequestParam(required = false) Boolean pupils, @RequestParam(defaultValue = "0") @Min(0) int offset,
            @RequestParam(defaultValue = "100") @Min(1) @Max(Limits.ROWS_READ) int most) {
        return new LogPage(log.search(teacher.id(), search, pupils, offset, most).stream().map(this::view).toList(),
                log.count(teacher.id(), search, pupils));
    }

    /** A problem of the log with its working. */
    @GetMapping("/{id}")
    EntryView one(@AuthenticationPrincipal SignedIn teacher, @PathVariable EntryId id) {
        return view(log.find(teacher.id(), id));
    }

    /** Keeps a problem that was worked to its end. */
    @PostMapping
    EntryView record(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody Finished finished) {
        return view(log.record(teacher.id(), finished.work().order(), finished.replaces()));
    }

    /** Changes the label and the note of a problem. */
    @PatchMapping("/{id}")
    EntryView remark(@AuthenticationPrincipal SignedIn teacher, @PathVariable EntryId id,
            @Valid @RequestBody Remarks remarks) {
        boolean saved = log.remark(teacher.id(), id, remarks);
        EntryView now = view(log.find(teacher.id(), id));
        if (!saved) {
            throw new ChangedElsewhere(now);
        }
        return now;
    }

    /** Deletes a problem; it can be brought back. */
    @DeleteMapping("/{id}")
    Deleted delete(@AuthenticationPrincipal SignedIn teacher, @PathVariable EntryId id) {
        log.delete(teacher.id(), id);
        return new Deleted(List.of(id));
    }

    /**
     * Which part of the log is tidied: what the list shows.
     *
     * @param search the words searched for; left out where none are
     * @param pupils only what pupils wrote at screens, or none of it; everything where it is left out, as in the list
     */
    record TidyWish(@Size(max = Limits.SEARCH_LETTERS, message = "Search for fewer words.") @Nullable String search,
            @Nullable Boolean pupils) {}

    /** @param inPiles how many papers stay since pupils are at them or they stand in a pile */
    record TidiedAway(@NotNull List<EntryId> ids, @NotNull int inPiles) {}

    /** Deletes what the list shows and is not kept. */
    @PostMapping("/tidy")
    TidiedAway tidy(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody(required = false) TidyWish wish) {
        LogService.Tidied tidied =
                log.deleteAllNotKept(teacher.id(), wish == null || wish.search() == null ? "" : wish.search(),
                        wish == null ? null : wish.pupils());
        return new TidiedAway(tidied.ids(), tidied.inPiles());
    }

    /** What was deleted in the last month and can be brought back, the latest first. */
    @GetMapping("/deleted")
    LogPage deleted(@AuthenticationPrincipal SignedIn teacher, @RequestParam(defaultValue = "0") @Min(0) int offset,
            @RequestParam(defaultValue = "100") @Min(1) @Max(Limits.ROWS_READ) int most) {
        return new LogPage(log.deleted(teacher.id(), offset, most).stream().map(this::view).toList(),
                log.countDeleted(teacher.id()));
    }

    /**
     * What to bring back.
     *
     * @param ids the entries, some thousands at most; may be left out
     * @param deletedAt all that was deleted at this very time; may be left out
     */
    record BroughtBack(
            @Size(max = Limits.ENTRIES_BROUGHT_BACK, message = "Bring back {max} entries at most at once; or all that were deleted together.") @Nullable List<@NotNull(message = "An entry is missing.") EntryId> ids,
            @Nullable OffsetDateTime deletedAt) {}

    record Restored(@NotNull int entries) {}

    /** Brings deleted entries back. */
    @PostMapping("/restore")
    Restored restore(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody BroughtBack back) {
        if (back.ids() == null && back.deletedAt() == null) {
            throw Refusal.of("ids", "Say which entries are to come back.");
        }
        return new Restored((back.ids() == null ? 0 : log.restore(teacher.id(), back.ids()))
                + (back.deletedAt() == null ? 0 : log.restoreDeletedAt(teacher.id(), back.deletedAt())));
    }

    private EntryView view(LogEntry entry) {
        return new EntryView(entry.id(), entry.workedAt(), entry.operation(),
                styles.written(entry.problem(), entry.choices()), entry.method(),
                WorkRequest.again(entry.problem(), entry.method(),
                        styles.read(entry.choices()), entry.checkKind()),
                entry.answer(), entry.working(),
                entry.checkStatement(), entry.checkHolds(), entry.label(), entry.note(), entry.kept(),
                entry.explanation(), entry.revision(),
                entry.written(), entry.deletedAt());
    }
}
