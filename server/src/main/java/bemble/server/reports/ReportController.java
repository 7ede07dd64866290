package bemble.server.reports;

import bemble.server.account.SignedIn;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.limits.Limits;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pages of the teacher signed in for others, to look at and as PDF. */
@RestController
class ReportController {
    private final Reports reports;
    private final WordedPages words;

    ReportController(Reports reports, WordedPages words) {
        this.reports = reports;
        this.words = words;
    }

    /**
     * A page to look at, with what can be changed of it.
     *
     * @param pages each as SVG
     * @param unprintable letters that no font has; a ? stands for them
     * @param page the name under which the teacher's words are kept
     * @param sections the titles of what stands on it, in order
     */
    record WordedView(@NotNull String title, @NotNull List<String> pages, @NotNull List<String> unprintable,
            @NotNull String page,
            @NotNull List<String> sections,
            @NotNull OwnWords own) {
        static WordedView of(WordedPages.Worded worded) {
            return new WordedView(worded.report().title(), worded.report().view().pages(),
                    worded.report().unprintable(), worded.page(),
                    worded.sections().stream().map(Section::title).toList(), worded.own());
        }
    }

    /** Keeps the teacher's own words on a page, and what is left out of it. */
    @PutMapping("/api/page-words/{page}")
    OwnWords keep(@AuthenticationPrincipal SignedIn teacher, @PathVariable @Size(max = Limits.PAGE_LETTERS) String page,
            @RequestBody @Valid OwnWords own) {
        return words.keep(teacher.id(), page, own);
    }

    /** The page for parents. */
    @GetMapping("/api/pupils/{id}/report")
    WordedView ofPupil(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id) {
        return WordedView.of(reports.ofPupil(teacher.id(), id));
    }

    /** The page for parents as PDF. */
    @GetMapping(value = "/api/pupils/{id}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pupilFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id,
            @RequestParam(defaultValue = "false") boolean inline) {
        return reports.ofPupil(teacher.id(), id).report().pdf("bemble-pupil.pdf", inline);
    }

    /** Pieces of work with two judgements of each, for colleagues who sit together. */
    @GetMapping("/api/pupils/{id}/work/pages")
    WordedView toJudge(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id) {
        return WordedView.of(reports.toJudge(teacher.id(), id));
    }

    /** Pieces of work to judge as PDF. */
    @GetMapping(value = "/api/pupils/{id}/work.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> toJudgeFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id,
            @RequestParam(defaultValue = "false") boolean inline) {
        return reports.toJudge(teacher.id(), id).report().pdf("bemble-work.pdf", inline);
    }

    /** The page for the head. */
    @GetMapping("/api/classes/{id}/report")
    WordedView ofClass(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        return WordedView.of(reports.ofClass(teacher.id(), id));
    }

    /** The page for the head as PDF. */
    @GetMapping(value = "/api/classes/{id}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> classFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @RequestParam(defaultValue = "false") boolean inline) {
        return reports.ofClass(teacher.id(), id).report().pdf("bemble-class.pdf", inline);
    }

    /** The pages for who takes a class over. */
    @GetMapping("/api/classes/{id}/next-teacher")
    WordedView nextTeacher(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        return WordedView.of(reports.nextTeacher(teacher.id(), id));
    }

    /** The pages for who takes a class over as PDF. */
    @GetMapping(value = "/api/classes/{id}/next-teacher.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> nextTeacherFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @RequestParam(defaultValue = "false") boolean inline) {
        return reports.nextTeacher(teacher.id(), id).report().pdf("bemble-next-teacher.pdf", inline);
    }

    /** The page for a stand-in. */
    @GetMapping("/api/classes/{id}/stand-in")
    WordedView standIn(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @RequestParam(required = false) LocalDate day) {
        return WordedView.of(reports.standIn(teacher.id(), id, day));
    }

    /** The page for a stand-in as PDF. */
    @GetMapping(value = "/api/classes/{id}/stand-in.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> standInFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @RequestParam(required = false) LocalDate day, @RequestParam(defaultValue = "false") boolean inline) {
        return reports.standIn(teacher.id(), id, day).report().pdf("bemble-stand-in.pdf", inline);
    }
}
