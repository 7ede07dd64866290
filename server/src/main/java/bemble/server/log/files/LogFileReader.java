package bemble.server.log.files;

import bemble.core.order.WorkOrder;
import bemble.core.problem.Fault;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.server.faults.FileFaults;
import bemble.server.limits.Limits;
import bemble.server.background.JobProgress;
import bemble.server.log.ReadEntry;
import bemble.server.log.entry.NewEntry;
import bemble.server.log.entry.Remarks;
import bemble.server.log.papers.AttemptFigure;
import bemble.server.log.papers.AttemptSettings;
import bemble.server.style.StyleText;
import jakarta.validation.ConstraintViolation;
import jakarta.validation.Validator;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** Reads a log from a JSON file; docs/formats/log.md describes it. */
@Component
class LogFileReader {
    private static final byte[] REFERENCE = "\"reference\"".getBytes(StandardCharsets.UTF_8);
    private static final int FIRST_YEAR = 1900;
    private static final int LAST_YEAR = 2200;
    private final ObjectMapper json;
    private final StyleText styles;
    private final Validator validator;

    LogFileReader(ObjectMapper json, StyleText styles, Validator validator) {
        this.json = json;
        this.styles = styles;
        this.validator = validator;
    }

    /**
     * Reads a file in; an entry that stands in it twice is taken once.
     *
     * @throws FileFaults naming each line at fault; then nothing of the file is to be taken
     */
    List<ReadEntry> read(byte[] text, JobProgress progress) {
        progress.of(countOf(REFERENCE, text));
        Map<UUID, ReadEntry> entries = new LinkedHashMap<>();
        List<Fault> faults = new ArrayList<>();
        boolean ours = false;
        try (JsonParser parser = json.createParser(text)) {
            if (parser.nextToken() != JsonToken.START_OBJECT) {
                throw notOurs();
            }
            while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = parser.currentName();
                JsonToken value = parser.nextToken();
                int line = parser.currentTokenLocation().getLineNr();
                if (name.equals("format")) {
                    ours = value == JsonToken.VALUE_STRING && LogFile.FORMAT.equals(parser.getString());
                } else if (name.equals("version")
                        && (value != JsonToken.VALUE_NUMBER_INT || parser.getLongValue() != LogFile.VERSION)) {
                    throw new FileFaults(List.of(new Fault("line " + line,
                            "Line " + line
                                    + ": this log was written by another version of Bemble. Read it in there.")));
                } else if (name.equals("entries") && value == JsonToken.START_ARRAY) {
                    readEntries(parser, entries, faults, progress);
                } else {
                    parser.skipChildren();
                }
            }
            if (!ours) {
                throw notOurs();
            }
        } catch (JacksonException broken) {
            int line = broken.getLocation() == null ? 1 : Math.max(1, broken.getLocation().getLineNr());
            throw new FileFaults(List.of(new Fault("line " + line, "Line " + line
                    + ": the file breaks off or is not JSON from here. Export the log again and take that file.")));
        }
        if (!faults.isEmpty()) {
            throw new FileFaults(faults);
        }
        return List.copyOf(entries.values());
    }

    /** About how many entries there are, so that it can be told how far reading them is. */
    private static int countOf(byte[] word, byte[] text) {
        int count = 0;
        for (int i = 0; i + word.length <= text.length; i++) {
            count += Arrays.equals(text, i, i + word.length, word, 0, word.length) ? 1 : 0;
        }
        return count;
    }

    private void readEntries(JsonParser parser, Map<UUID, ReadEntry> entries, List<Fault> faults,
            JobProgress progress) {
        while (parser.nextToken() != JsonToken.END_ARRAY) {
            int line = parser.currentTokenLocation().getLineNr();
            JsonNode node = json.reader().without(DeserializationFeature.FAIL_ON_TRAILING_TOKENS).readTree(parser);
            try {
                if (entries.size() >= Limits.ENTRIES_IN_FILE) {
                    throw new FileFaults(List.of(new Fault("line " + line, "Line " + line + ": a file can have "
                            + Limits.ENTRIES_IN_FILE + " entries. Read this log in in parts.")));
                }
                progress.add(1);
                ReadEntry read = entry(node);
                entries.putIfAbsent(read.entry().reference(), read);
            } catch (Refusal | DateTimeException | IllegalArgumentException | JacksonException fault) {
                String why = fault instanceof Refusal ? fault.getMessage()
                        : "this is not an entry of a log: a field is missing or has another form.";
                faults.add(new Fault("line " + line, "Line " + line + ": " + why));
            }
        }
    }

    private ReadEntry entry(JsonNode node) {
        WorkOrder order =
                new WorkOrder(ProblemText.kept(text(node, "problem")), text(node, "method"),
                        HouseStyle.USUAL.with(choices(node.required("style"))), text(node.required("check"), "kind"));
        OffsetDateTime workedAt = OffsetDateTime.parse(text(node, "workedAt"));
        if (workedAt.getYear() < FIRST_YEAR || workedAt.getYear() > LAST_YEAR) {
            throw Refusal.of("workedAt", "nobody worked this in the year " + workedAt.getYear() + ".");
        }
        NewEntry entry = NewEntry.of(order, UUID.fromString(text(node, "reference")), workedAt, remarks(node), styles);
        String given = text(node.required("answer"), "text");
        if (!given.equals(entry.answer())) {
            throw Refusal.of("answer",
                    "the answer of " + entry.problem().text() + " is " + entry.answer() + ", not " + given
                            + ". The file was changed; export the log again.");
        }
        return node.has("paper") ? paper(entry, node.get("paper")) : new ReadEntry(entry, null);
    }

    private ReadEntry paper(NewEntry entry, JsonNode node) {
        String state = text(node, "state");
        String found = text(node, "found");
        String answer = text(node, "answer");
        if (!state.matches("open|right|wrong|unfinished") || found.length() > Limits.FOUND_LETTERS
                || answer.length() > Limits.LOGGED_ANSWER_LETTERS) {
            throw new IllegalArgumentException("not the state of a paper");
        }
        ReadEntry.Paper paper = new ReadEntry.Paper(json.treeToValue(node.required("settings"), AttemptSettings.class),
                json.readerForListOf(AttemptFigure.class).readValue(node.required("figures")),
                node.has("run") ? UUID.fromString(text(node, "run")) : null,
                node.has("question") ? node.get("question").asInt() : null);
        boolean wrong = paper.settings() == null || paper.figures() == null
                || !validator.validate(paper.settings()).isEmpty()
                || node.get("figures").toString().length() > Limits.KEPT_FIGURES_LETTERS
                || paper.figures().stream().anyMatch(figure -> figure == null || !validator.validate(figure).isEmpty());
        if (wrong) {
            throw new IllegalArgumentException("not the figures of a paper");
        }
        paper.figures().forEach(AttemptFigure::requireReadable);
        return new ReadEntry(entry.written(state, answer, found), paper);
    }

    private static Map<String, String> choices(JsonNode style) {
        if (!style.isObject()) {
            throw new IllegalArgumentException("a style is an object");
        }
        Map<String, String> choices = new LinkedHashMap<>();
        style.properties().forEach(choice -> choices.put(choice.getKey(), string(choice.getValue())));
        return choices;
    }

    private Remarks remarks(JsonNode node) {
        Remarks remarks = new Remarks(text(node, "label"), text(node, "note"), node.required("kept").asBoolean(),
                node.has("explanation") ? text(node, "explanation") : "", null);
        Set<ConstraintViolation<Remarks>> wrong = validator.validate(remarks);
        if (!wrong.isEmpty()) {
            throw Refusal.of("note", wrong.iterator().next().getMessage());
        }
        return remarks;
    }

    private static String text(JsonNode node, String field) {
        return string(node.required(field));
    }

    private static String string(JsonNode node) {
        if (!node.isString()) {
            throw new IllegalArgumentException("not a text");
        }
        return node.asString();
    }

    private static FileFaults notOurs() {
        return new FileFaults(List.of(new Fault("line 1",
                "Line 1: this is not a log of Bemble. Choose a JSON file that the log's export has written.")));
    }
}
