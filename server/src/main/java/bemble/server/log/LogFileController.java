package bemble.server.log;

import bemble.server.account.SignedIn;
import bemble.server.web.Download;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The log as files: out as CSV and JSON, in as JSON. */
@RestController
@RequestMapping("/api/log")
class LogFileController {
    private final LogService log;
    private final LogFile file;
    private final LogTable table;

    LogFileController(LogService log, LogFile file, LogTable table) {
        this.log = log;
        this.file = file;
        this.table = table;
    }

    @GetMapping(value = "/bemble-log.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> json(@AuthenticationPrincipal SignedIn teacher) {
        return Download.of("bemble-log.json", "application/json", file.write(log.all(teacher.id())));
    }

    @GetMapping(value = "/bemble-log.csv", produces = "text/csv")
    ResponseEntity<String> csv(@AuthenticationPrincipal SignedIn teacher) {
        return Download.of("bemble-log.csv", "text/csv;charset=UTF-8", table.write(log.all(teacher.id())));
    }

    @PostMapping(value = "/import", consumes = MediaType.APPLICATION_JSON_VALUE)
    LogService.Imported take(@AuthenticationPrincipal SignedIn teacher, @RequestBody String text) {
        return log.take(teacher.id(), file.read(text));
    }
}
