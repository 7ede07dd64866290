package bemble.server.marking;

import bemble.server.account.SignedIn;
import bemble.server.ids.MarkingId;
import bemble.server.ids.SetId;
import bemble.server.marking.Views.ClassView;
import bemble.server.marking.Views.KeyView;
import bemble.server.print.ReportView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the papers of a pile show, and the pages that come of them. */
@RestController
@RequestMapping("/api/markings")
class PileReportController {
    private final ReportService reports;
    private final FollowUp followUp;
    private final PilePages pages;

    PileReportController(ReportService reports, FollowUp followUp, PilePages pages) {
        this.reports = reports;
        this.followUp = followUp;
        this.pages = pages;
    }

    record ForSlip(@NotNull(message = "Say for which cause.") String slip) {}

    record MadeSet(@NotNull SetId id) {}

    /** What a pile shows: who shares a cause, and what went wrong most. */
    @GetMapping("/{id}/class")
    ClassView ofClass(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id) {
        return reports.ofClass(teacher.id(), id);
    }

    /** Makes a set for those who share a cause. */
    @PostMapping("/{id}/set")
    MadeSet setFor(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @Valid @RequestBody ForSlip made) {
        return new MadeSet(followUp.setFor(teacher.id(), id, made.slip()));
    }

    /** The marking key: letters for wrong answers. */
    @GetMapping("/{id}/key")
    KeyView key(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id) {
        return KeyView.of(reports.key(teacher.id(), id));
    }

    /** The pages of the marking key. */
    @GetMapping("/{id}/key/pages")
    ReportView keyPages(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id) {
        return pages.key(teacher.id(), id).view();
    }

    /** The marking key as PDF. */
    @GetMapping(value = "/{id}/key.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> keyFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @RequestParam(defaultValue = "false") boolean inline) {
        return pages.key(teacher.id(), id).pdf("bemble-key.pdf", inline);
    }

    /** What each paper came to. */
    @GetMapping("/{id}/marks/pages")
    ReportView marks(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id) {
        return pages.marks(teacher.id(), id).view();
    }

    /** The marks of a pile as PDF. */
    @GetMapping(value = "/{id}/marks.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> marksFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @RequestParam(defaultValue = "false") boolean inline) {
        return pages.marks(teacher.id(), id).pdf("bemble-marks.pdf", inline);
    }

    /** Strips to cut off, one for each child who needs one. */
    @GetMapping("/{id}/strips/pages")
    ReportView strips(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id) {
        return pages.strips(teacher.id(), id).view();
    }

    /** Strips to cut off as PDF. */
    @GetMapping(value = "/{id}/strips.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> stripsFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @RequestParam(defaultValue = "false") boolean inline) {
        return pages.strips(teacher.id(), id).pdf("bemble-strips.pdf", inline);
    }
}
