package bemble.server.reports;

import bemble.server.account.SignedIn;
import bemble.server.print.PdfWriter;
import bemble.server.print.SvgWriter;
import bemble.server.reports.Reports.Report;
import bemble.server.web.Download;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
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

    /** @param pages each as SVG */
    record ReportView(@NotNull String title, @NotNull List<String> pages) {
        static ReportView of(Report report) {
            return new ReportView(report.title(), report.pages().stream().map(SvgWriter::write).toList());
        }
    }

    @GetMapping("/api/pupils/{id}/report")
    ReportView ofPupil(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id) {
        return ReportView.of(reports.ofPupil(teacher.id(), id));
    }

    @GetMapping(value = "/api/pupils/{id}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pupilFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean inline) {
        return pdf(reports.ofPupil(teacher.id(), id), "bemble-pupil.pdf", inline);
    }

    @GetMapping("/api/classes/{id}/report")
    ReportView ofClass(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id) {
        return ReportView.of(reports.ofClass(teacher.id(), id));
    }

    @GetMapping(value = "/api/classes/{id}/report.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> classFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id,
            @RequestParam(defaultValue = "false") boolean inline) {
        return pdf(reports.ofClass(teacher.id(), id), "bemble-class.pdf", inline);
    }

    @GetMapping("/api/classes/{id}/stand-in")
    ReportView standIn(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id,
            @RequestParam(required = false) LocalDate day) {
        return ReportView.of(reports.standIn(teacher.id(), id, day));
    }

    @GetMapping(value = "/api/classes/{id}/stand-in.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> standInFile(@AuthenticationPrincipal SignedIn teacher, @PathVariable long id,
            @RequestParam(required = false) LocalDate day, @RequestParam(defaultValue = "false") boolean inline) {
        return pdf(reports.standIn(teacher.id(), id, day), "bemble-stand-in.pdf", inline);
    }

    private static ResponseEntity<byte[]> pdf(Report report, String name, boolean inline) {
        byte[] file = PdfWriter.write(report.title(), report.pages(), () -> { });
        return inline ? ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(file)
                : Download.of(name, MediaType.APPLICATION_PDF_VALUE, file);
    }
}
