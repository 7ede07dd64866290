package bemble.server.log;

import bemble.core.problem.Fault;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.core.work.WorkOrder;
import bemble.core.work.Worked;
import bemble.server.faults.FileFaults;
import bemble.server.style.StyleText;
import java.time.DateTimeException;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.SerializationFeature;

/** The log as a JSON file, written and read; docs/formats/log.md describes it. */
@Component
class LogFile {
    private static final String FORMAT = "bemble-log";
    private static final int VERSION = 1;

    private final ObjectMapper json;
    private final StyleText styles;

    LogFile(ObjectMapper json, StyleText styles) {
        this.json = json;
        this.styles = styles;
    }

    String write(List<LogEntry> entries) {
        Map<String, Object> file = new LinkedHashMap<>();
        file.put("format", FORMAT);
        file.put("version", VERSION);
        file.put("entries", entries.stream().map(this::fields).toList());
        return json.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(file);
    }

    private Map<String, Object> fields(LogEntry entry) {
        Worked worked = Worked.from(order(entry.problem(), entry.method(), styles.read(entry.choices()), entry.checkKind()));
        Map<String, Object> fields = new LinkedHashMap<>();
        fields.put("reference", entry.reference());
        fields.put("workedAt", entry.workedAt());
        fields.put("problem", entry.problem());
        fields.put("method", entry.method());
        fields.put("style", styles.read(entry.choices()));
        fields.put("answer", worked.answer());
        fields.put("record", worked.record());
        fields.put("check", Map.of("kind", entry.checkKind(), "statement", entry.checkStatement(), "holds",
                entry.checkHolds()));
        fields.put("label", entry.label());
        fields.put("note", entry.note());
        fields.put("kept", entry.kept());
        fields.put("explanation", entry.explanation());
        return fields;
    }

    /**
     * Reads a file in.
     *
     * @throws FileFaults naming each line at fault; then nothing of the file is to be taken
     */
    List<NewEntry> read(String text) {
        List<NewEntry> entries = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        boolean ours = false;
        try (JsonParser parser = json.createParser(text)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                throw notOurs(1);
            }
            while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = parser.currentName();
                JsonToken value = parser.nextToken();
                int line = parser.currentTokenLocation().getLineNr();
                if (name.equals("format")) {
                    ours = value == JsonToken.VALUE_STRING && FORMAT.equals(parser.getString());
                } else if (name.equals("version") && (!value.isNumeric() || parser.getIntValue() != VERSION)) {
                    throw new FileFaults(List.of(new Fault("line " + line,
                            "Line " + line + ": this log was written by another version of Bemble. Read it in there.")));
                } else if (name.equals("entries") && value == JsonToken.START_ARRAY) {
                    readEntries(parser, entries, faults);
                } else {
                    parser.skipChildren();
                }
            }
            if (!ours) {
                throw notOurs(1);
            }
        } catch (JacksonException broken) {
            int line = broken.getLocation() == null ? 1 : Math.max(1, broken.getLocation().getLineNr());
            throw new FileFaults(List.of(new Fault("line " + line, "Line " + line
                    + ": the file breaks off or is not JSON from here. Export the log again and take that file.")));
        }
        if (!faults.isEmpty()) {
            throw new FileFaults(faults);
        }
        return entries;
    }

    private void readEntries(JsonParser parser, List<NewEntry> entries, List<Fault> faults) {
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            int line = parser.currentTokenLocation().getLineNr();
            JsonNode node = json.reader().without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS).readTree(parser);
            try {
                entries.add(entry(node));
            } catch (Refusal | DateTimeException | IllegalArgumentException | JacksonException fault) {
                String why = fault instanceof Refusal ? fault.getMessage()
                        : "this is not an entry of a log: a field is missing or has another form.";
                faults.add(new Fault("line " + line, "Line " + line + ": " + why));
            }
        }
    }

    private NewEntry entry(JsonNode node) {
        WorkOrder order = order(text(node, "problem"), text(node, "method"),
                styles.read(node.required("style").toString()), text(node.required("check"), "kind"));
        NewEntry entry = NewEntry.of(order, UUID.fromString(text(node, "reference")),
                OffsetDateTime.parse(text(node, "workedAt")), remarks(node), styles);
        String given = text(node.required("answer"), "text");
        if (!given.equals(entry.answer())) {
            throw Refusal.of("answer", "the answer of " + entry.problem() + " is " + entry.answer() + ", not " + given
                    + ". The file was changed; export the log again.");
        }
        return entry;
    }

    private static Remarks remarks(JsonNode node) {
        Remarks remarks = new Remarks(text(node, "label"), text(node, "note"), node.required("kept").asBoolean(),
                node.path("explanation").asString(""));
        if (remarks.label().length() > 120 || remarks.note().length() > 2000
                || remarks.explanation().length() > Remarks.MOST_WORDS) {
            throw Refusal.of("note", "a label has 120 letters at most, a note 2000 and an explanation 20 000.");
        }
        return remarks;
    }

    private static WorkOrder order(String problem, String method, Map<String, String> choices, String check) {
        return new WorkOrder(ProblemText.read(problem, 0, Punctuation.POINT), method, HouseStyle.USUAL.with(choices), check);
    }

    private static String text(JsonNode node, String field) {
        return node.required(field).asString();
    }

    private static FileFaults notOurs(int line) {
        return new FileFaults(List.of(new Fault("line " + line, "Line " + line
                + ": this is not a log of Bemble. Choose a JSON file that the log's export has written.")));
    }
}
