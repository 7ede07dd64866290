package bemble.server.reports;

import bemble.server.account.SignedIn;
import bemble.server.print.ReportView;
import java.time.LocalDate;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pages of the teacher signed in for others, to look at and as PDF. */
@RestController
class ReportController {
    private final Reports reports;

    ReportController(Reports reports) {
        this.reports = reports;
    }

    @GetMapping("/api/pupils/{id}/report")
    ReportView ofPupil(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id) {
        return reports.ofPupil(teacher.id(), id).view();
    }

    @GetMapping(value = "/api/pupils/{id}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pupilFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean inline) {
        return reports.ofPupil(teacher.id(), id).pdf("bemble-pupil.pdf", inline);
    }

    /** Pieces of work with two judgements of each, for colleagues who sit together. */
    @GetMapping("/api/pupils/{id}/work/pages")
    ReportView toJudge(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id) {
        return reports.toJudge(teacher.id(), id).view();
    }

    @GetMapping(value = "/api/pupils/{id}/work.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> toJudgeFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean inline) {
        return reports.toJudge(teacher.id(), id).pdf("bemble-work.pdf", inline);
    }

    @GetMapping("/api/classes/{id}/report")
    ReportView ofClass(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id) {
        return reports.ofClass(teacher.id(), id).view();
    }

    @GetMapping(value = "/api/classes/{id}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> classFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean inline) {
        return reports.ofClass(teacher.id(), id).pdf("bemble-class.pdf", inline);
    }

    @GetMapping("/api/classes/{id}/stand-in")
    ReportView standIn(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id,
            @RequestParam(required = false) LocalDate day) {
        return reports.standIn(teacher.id(), id, day).view();
    }

    @GetMapping(value = "/api/classes/{id}/stand-in.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> standInFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id,
            @RequestParam(required = false) LocalDate day, @RequestParam(defaultValue = "false") boolean inline) {
        return reports.standIn(teacher.id(), id, day).pdf("bemble-stand-in.pdf", inline);
    }
}
