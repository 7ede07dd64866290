package bemble.server.plan;

import bemble.server.account.SignedIn;
import bemble.server.ids.ClassId;
import bemble.server.ids.SetId;
import bemble.server.plan.PlanViews.PlanView;
import bemble.server.plan.PlanViews.TermView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The plans of the classes of the teacher signed in; a week is named by any of its days. */
@RestController
@RequestMapping("/api/classes/{id}")
class PlanController {
    private final PlanService plans;
    private final TermService terms;
    private final DaySheets sheets;

    PlanController(PlanService plans, TermService terms, DaySheets sheets) {
        this.plans = plans;
        this.terms = terms;
        this.sheets = sheets;
    }

    /** @param revision the revision that was changed; 0 where it was the one made from the record */
    record ChangedPlan(@NotNull(message = "The plan is missing.") @Valid PlanContent content,
            @NotNull(message = "Say which revision was changed.") @Min(value = 0, message = "Revisions are counted from 0.") Integer revision) {}

    record MadeFor(@NotNull SetId setId) {}

    /** What is wanted of the plans of a class. */
    @GetMapping("/term")
    TermView term(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        return terms.term(teacher.id(), id);
    }

    /**
     * Keeps what is wanted of the plans of a class.
     *
     * @param revision the revision that was changed; 0 where nothing was chosen yet
     */
    @PutMapping("/term")
    TermView keepTerm(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @RequestParam @Min(value = 0, message = "Revisions are counted from 0.") int revision,
            @Valid @RequestBody Term term) {
        return terms.keepTerm(teacher.id(), id, term, revision);
    }

    /** The plan of a week. */
    @GetMapping("/plan")
    PlanView plan(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @RequestParam(required = false) LocalDate week) {
        return plans.plan(teacher.id(), id, week);
    }

    /** Keeps a plan as it was changed by hand. */
    @PutMapping("/plan")
    PlanView keep(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @RequestParam(required = false) LocalDate week,
            @Valid @RequestBody ChangedPlan changed) {
        return plans.keep(teacher.id(), id, week, changed.content(), changed.revision());
    }

    /** Makes the plan anew from the record. */
    @DeleteMapping("/plan")
    PlanView again(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @RequestParam(required = false) LocalDate week) {
        return plans.again(teacher.id(), id, week);
    }

    /** Makes all sheets of a day that are missing; says how many there are to print. */
    @PostMapping("/plan/days/{day}/sheets")
    DaySheets.ToPrint makeSheets(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @PathVariable LocalDate day) {
        return sheets.make(teacher.id(), id, day);
    }

    /** All sheets of a day, each with its pupil's name. */
    @GetMapping(value = "/plan/days/{day}/sheets.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheets(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @PathVariable LocalDate day,
            @RequestParam(defaultValue = "REGISTER") DaySheets.Order order,
            @RequestParam(defaultValue = "false") boolean inline) {
        return sheets.print(teacher.id(), id, day, order).pdf("bemble-sheets-" + day + ".pdf", inline);
    }

    /** Makes the set of a group's sheet, or gives the one that was made. */
    @PostMapping("/plan/groups/{key}/set")
    MadeFor setFor(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id, @PathVariable String key,
            @RequestParam(required = false) LocalDate week) {
        return new MadeFor(plans.setFor(teacher.id(), id, week, key));
    }
}
