package bemble.server.log.files;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.style.HouseStyle;
import bemble.server.log.entry.LogEntry;
import bemble.server.log.papers.AttemptMapper;
import bemble.server.log.papers.StoredAttempt;
import bemble.server.style.StyleText;
import java.io.OutputStream;
import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.SerializationFeature;

/** Writes the log as a JSON file, an entry at a time; docs/formats/log.md describes it. */
@Component
class LogFile {
    static final String FORMAT = "bemble-log";
    static final int VERSION = 1;

    private final ObjectMapper json;
    private final StyleText styles;
    private final AttemptMapper attempts;

    LogFile(ObjectMapper json, StyleText styles, AttemptMapper attempts) {
        this.json = json;
        this.styles = styles;
        this.attempts = attempts;
    }

    void write(Iterable<LogEntry> entries, OutputStream out) {
        try (JsonGenerator file = json.writer().with(SerializationFeature.INDENT_OUTPUT).createGenerator(out)) {
            file.writeStartObject();
            file.writeStringProperty("format", FORMAT);
            file.writeNumberProperty("version", VERSION);
            file.writeArrayPropertyStart("entries");
            for (LogEntry entry : entries) {
                file.writePOJO(fields(entry));
            }
            file.writeEndArray();
            file.writeEndObject();
        }
    }

    private Map<String, Object> fields(LogEntry entry) {
        Map<String, String> choices = styles.read(entry.choices());
        Worked worked =
                Worked.from(new WorkOrder(entry.problem(), entry.method(),
                        HouseStyle.USUAL.with(choices), entry.checkKind()));
        Map<String, Object> fields = new LinkedHashMap<>();
        fields.put("reference", entry.reference());
        fields.put("workedAt", entry.workedAt());
        fields.put("problem", entry.problem());
        fields.put("method", entry.method());
        fields.put("style", choices);
        fields.put("answer", worked.answer());
        fields.put("record", worked.record());
        fields.put("check", Map.of("kind", entry.checkKind(), "statement", entry.checkStatement(), "holds",
                entry.checkHolds()));
        fields.put("label", entry.label());
        fields.put("note", entry.note());
        fields.put("kept", entry.kept());
        fields.put("explanation", entry.explanation());
        if (entry.written() != null) {
            attempts.find(entry.id()).ifPresent(attempt -> fields.put("paper", paper(entry, attempt)));
        }
        return fields;
    }

    private Map<String, Object> paper(LogEntry entry, StoredAttempt attempt) {
        Map<String, Object> paper = new LinkedHashMap<>();
        paper.put("state", entry.written());
        paper.put("answer", entry.answer());
        paper.put("found", entry.working());
        if (attempt.run() != null) {
            paper.put("run", attempt.run());
        }
        if (attempt.question() != null) {
            paper.put("question", attempt.question());
        }
        paper.put("settings", json.readTree(attempt.settings()));
        paper.put("figures", json.readTree(attempt.figures()));
        return paper;
    }
}
