package bemble.server.log;

import bemble.server.web.SpreadsheetText;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Component;

/** The log as a CSV table for spreadsheets. */
@Component
class LogTable {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180.builder().setHeader("worked at", "problem", "operation",
            "method", "answer", "working", "check", "agrees", "label", "note", "kept", "in words").get();

    String write(List<LogEntry> entries) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter table = new CSVPrinter(text, FORMAT)) {
            for (LogEntry entry : entries) {
                table.printRecord(entry.workedAt(), entry.problem(), entry.operation(), entry.method(), entry.answer(),
                        entry.working(), entry.checkStatement(), entry.checkHolds() ? "yes" : "no",
                        SpreadsheetText.plain(entry.label()), SpreadsheetText.plain(entry.note()), entry.kept() ? "yes" : "no",
                        SpreadsheetText.plain(entry.explanation()));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }
}
