package bemble.server.progress;

import bemble.server.account.SignedIn;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.limits.Limits;
import bemble.server.progress.RecordViews.ClassRecord;
import bemble.server.progress.RecordViews.PupilRecord;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The records of the classes and pupils of the teacher signed in. */
@RestController
class RecordController {
    private final RecordPages pages;
    private final StandingOverrideService rulings;

    RecordController(RecordPages pages, StandingOverrideService rulings) {
        this.pages = pages;
        this.rulings = rulings;
    }

    /** @param state not-tried, learning, secure or due */
    record RulingContent(@NotNull(message = "Say not-tried, learning, secure or due.") String state,
            @NotNull(message = "Say in a few words why, so that it is known later.") @Size(max = Limits.REASON_LETTERS, message = "Say it in {max} letters at most.") String reason) {}

    /** What everybody in a class can do. */
    @GetMapping("/api/classes/{id}/record")
    ClassRecord ofClass(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        return pages.ofClass(teacher.id(), id);
    }

    /** What a pupil can do, and what it rests on. */
    @GetMapping("/api/pupils/{id}/record")
    PupilRecord ofPupil(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id) {
        return pages.ofPupil(teacher.id(), id);
    }

    /** What the teacher says of a pupil on a rung stands over the rule. */
    @PutMapping("/api/pupils/{id}/rungs/{rung}")
    PupilRecord rule(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id, @PathVariable String rung,
            @Valid @RequestBody RulingContent ruling) {
        rulings.rule(teacher.id(), id, rung, ruling.state(), ruling.reason());
        return pages.ofPupil(teacher.id(), id);
    }

    /** Takes back what was said of a pupil on a rung; the rule counts again. */
    @DeleteMapping("/api/pupils/{id}/rungs/{rung}")
    PupilRecord unrule(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id, @PathVariable String rung) {
        rulings.unrule(teacher.id(), id, rung);
        return pages.ofPupil(teacher.id(), id);
    }
}
