package bemble.server.log.files;

import bemble.server.account.SignedIn;
import bemble.server.ids.TeacherId;
import bemble.server.background.JobKind;
import bemble.server.background.Jobs;
import bemble.server.background.Jobs.UnderWay;
import bemble.server.background.JobProgress;
import bemble.server.log.LogService;
import bemble.server.log.LogTable;
import bemble.server.log.ReadEntry;
import bemble.server.web.Download;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.List;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** The log as files: out as CSV and JSON, in as JSON. */
@RestController
@RequestMapping("/api/log")
class LogFileController {
    private final LogService log;
    private final LogFile file;
    private final LogFileReader reader;
    private final LogTable table;
    private final Jobs jobs;

    LogFileController(LogService log, LogFile file, LogFileReader reader, LogTable table, Jobs jobs) {
        this.log = log;
        this.file = file;
        this.reader = reader;
        this.table = table;
        this.jobs = jobs;
    }

    /** The whole log as JSON. */
    @GetMapping(value = "/bemble-log.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<StreamingResponseBody> json(@AuthenticationPrincipal SignedIn teacher) {
        return Download.of("bemble-log.json", "application/json", out -> file.write(log.all(teacher.id()), out));
    }

    /** The whole log as a table. */
    @GetMapping(value = "/bemble-log.csv", produces = "text/csv")
    ResponseEntity<StreamingResponseBody> csv(@AuthenticationPrincipal SignedIn teacher) {
        return Download.of("bemble-log.csv", "text/csv;charset=UTF-8", out -> table.write(log.all(teacher.id()), out));
    }

    /** Takes a log in, all or none of it; where that takes long, tells how far it is. */
    @PostMapping(value = "/import", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ApiResponse(responseCode = "200", description = "What came of it, where it is done already", content = @Content(schema = @Schema(implementation = LogService.Imported.class)))
    @ApiResponse(responseCode = "202", description = "It is under way", content = @Content(schema = @Schema(implementation = UnderWay.class)))
    @io.swagger.v3.oas.annotations.parameters.RequestBody(content = @Content(schema = @Schema(type = "object")))
    ResponseEntity<Object> take(@AuthenticationPrincipal SignedIn teacher, @RequestBody(required = false) byte[] file) {
        UnderWay job =
                jobs.begin(JobKind.FILE, teacher.id(),
                        progress -> take(teacher.id(), file == null ? new byte[0] : file, progress));
        return job.state() == Jobs.State.DONE ? ResponseEntity.ok(job.result()) : ResponseEntity.accepted().body(job);
    }

    private LogService.Imported take(TeacherId teacherId, byte[] text, JobProgress progress) {
        List<ReadEntry> entries = reader.read(text, progress);
        try {
            return log.take(teacherId, entries);
        } catch (DuplicateKeyException other) {
            // Another import took the same entries in meanwhile; now they are there already.
            return log.take(teacherId, entries);
        }
    }
}
