package bemble.server.log;

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
                        plain(entry.label()), plain(entry.note()), entry.kept() ? "yes" : "no",
                        plain(entry.explanation()));
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    /** Keeps a spreadsheet from taking typed words for a formula. */
    private static String plain(String typed) {
        return typed.isEmpty() || "=+-@\t\r".indexOf(typed.charAt(0)) < 0 ? typed : "'" + typed;
    }
}
