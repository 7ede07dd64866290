package bemble.server.log;

import bemble.server.account.SignedIn;
import bemble.server.web.Download;
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

    LogFileController(LogService log, LogFile file, LogFileReader reader, LogTable table) {
        this.log = log;
        this.file = file;
        this.reader = reader;
        this.table = table;
    }

    @GetMapping(value = "/bemble-log.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<StreamingResponseBody> json(@AuthenticationPrincipal SignedIn teacher) {
        return Download.of("bemble-log.json", "application/json", out -> file.write(log.all(teacher.id()), out));
    }

    @GetMapping(value = "/bemble-log.csv", produces = "text/csv")
    ResponseEntity<StreamingResponseBody> csv(@AuthenticationPrincipal SignedIn teacher) {
        return Download.of("bemble-log.csv", "text/csv;charset=UTF-8", out -> table.write(log.all(teacher.id()), out));
    }

    @PostMapping(value = "/import", consumes = MediaType.APPLICATION_JSON_VALUE)
    LogService.Imported take(@AuthenticationPrincipal SignedIn teacher, @RequestBody String text) {
        List<ReadEntry> entries = reader.read(text);
        try {
            return log.take(teacher.id(), entries);
        } catch (DuplicateKeyException other) {
            // Another import took the same entries in meanwhile; now they are there already.
            return log.take(teacher.id(), entries);
        }
    }
}
