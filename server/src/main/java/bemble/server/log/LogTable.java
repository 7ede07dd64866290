package bemble.server.log;

import bemble.server.log.entry.LogEntry;
import bemble.server.web.SpreadsheetText;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.stereotype.Component;

/** The log as a CSV table for spreadsheets. */
@Component
public class LogTable {
    private static final Object[] HEADER = {"worked at", "problem", "operation", "method", "answer", "working", "check",
        "agrees", "label", "note", "kept", "in words", "marked"};

    public void write(Iterable<LogEntry> entries, OutputStream out) throws IOException {
        Writer text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        CSVPrinter table = new CSVPrinter(text, SpreadsheetText.FORMAT);
        table.printRecord(HEADER);
        for (LogEntry entry : entries) {
            table.printRecord(entry.workedAt(), entry.problem().text(), entry.operation().id(), entry.method(),
                    entry.answer(),
                    entry.working(), entry.checkStatement(), entry.checkHolds() ? "yes" : "no",
                    SpreadsheetText.plain(entry.label()), SpreadsheetText.plain(entry.note()),
                    entry.kept() ? "yes" : "no",
                    SpreadsheetText.plain(entry.explanation()), entry.written() == null ? "" : entry.written());
        }
        table.flush();
    }
}
