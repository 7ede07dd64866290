package bemble.server.sets;

import bemble.core.print.LessonPart;
import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.faults.FileFaults;
import bemble.server.sets.SetContent.SetQuestion;
import bemble.server.web.SpreadsheetText;
import jakarta.validation.Validator;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;
import tools.jackson.databind.SerializationFeature;

/** Practice sets as files, CSV and JSON, written and read; docs/formats/set.md describes both. */
@Component
class SetFile {
    private static final String FORMAT = "bemble-set";
    private static final int VERSION = 1;
    private static final List<String> HEADER = List.of("problem", "answer", "story", "part", "features");
    private static final int MOST_QUESTIONS = 200;
    private static final int MOST_STORY = 600;

    private final ObjectMapper json;
    private final Validator validator;

    SetFile(ObjectMapper json, Validator validator) {
        this.json = json;
        this.validator = validator;
    }

    String writeCsv(SetContent content) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter table = new CSVPrinter(text,
                SpreadsheetText.FORMAT.builder().setHeader(HEADER.toArray(String[]::new)).get())) {
            for (SetQuestion question : content.questions()) {
                QuestionView view = QuestionView.of(SetReading.question(question.problem()));
                table.printRecord(view.text(), view.answer(), SpreadsheetText.plain(question.story()), question.part(),
                        view.inWords());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    String writeJson(SetContent content) {
        Map<String, Object> file = new LinkedHashMap<>();
        file.put("format", FORMAT);
        file.put("version", VERSION);
        file.put("set", content);
        return json.writer().with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(file);
    }

    /**
     * Reads the questions of a table: the problem in the first column, or in the one headed so.
     *
     * @throws FileFaults naming each line at fault; then nothing of the file is to be taken
     */
    List<SetQuestion> readCsv(String text) {
        List<SetQuestion> questions = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        String clean = text.startsWith("\uFEFF") ? text.substring(1) : text;
        char separator = clean.lines().findFirst().orElse("").indexOf(';') >= 0 ? ';' : ',';
        CSVFormat format = CSVFormat.RFC4180.builder().setDelimiter(separator).setIgnoreEmptyLines(true)
                .setIgnoreSurroundingSpaces(true).get();
        try (CSVParser rows = CSVParser.parse(new StringReader(clean), format)) {
            List<String> header = List.of("problem");
            for (CSVRecord row : rows) {
                if (row.getRecordNumber() == 1 && row.stream().anyMatch("problem"::equalsIgnoreCase)) {
                    header = row.stream().map(String::toLowerCase).toList();
                } else {
                    read(row, header, (int) rows.getCurrentLineNumber(), questions, faults);
                }
            }
        } catch (IOException | UncheckedIOException broken) {
            throw new FileFaults(List.of(new Fault("line 1",
                    "This table cannot be read: a quotation mark is not closed. Save it as CSV again.")));
        }
        return checked(questions, faults);
    }

    private static void read(CSVRecord row, List<String> header, int line, List<SetQuestion> questions,
            List<Fault> faults) {
        try {
            String part = field(row, header, "part").strip();
            SetQuestion question = new SetQuestion(
                    SetReading.question(field(row, header, "problem")).problem().text(),
                    SpreadsheetText.typed(field(row, header, "story")), part.isBlank() ? LessonPart.ALONE.id() : part);
            check(question);
            questions.add(question);
        } catch (Refusal refusal) {
            faults.add(new Fault("line " + line, "Line " + line + ": " + refusal.getMessage()));
        }
    }

    private static void check(SetQuestion question) {
        LessonPart.of(question.part());
        if (question.story().length() > MOST_STORY) {
            throw Refusal.of("story", "The story has more than " + MOST_STORY + " letters. Shorten it.");
        }
    }

    private static String field(CSVRecord row, List<String> header, String name) {
        int at = header.indexOf(name);
        return at >= 0 && at < row.size() ? row.get(at) : "";
    }

    private static List<SetQuestion> checked(List<SetQuestion> questions, List<Fault> faults) {
        if (!faults.isEmpty()) {
            throw new FileFaults(faults);
        }
        if (questions.isEmpty()) {
            throw new FileFaults(List.of(new Fault("line 1",
                    "There is no problem in this file. Put one on each line, like 487 + 96.")));
        }
        if (questions.size() > MOST_QUESTIONS) {
            throw new FileFaults(List.of(new Fault("line " + (MOST_QUESTIONS + 1),
                    "A set has 200 questions at most. Make two files of it.")));
        }
        return questions;
    }

    /** @throws FileFaults naming what is at fault; then nothing of the file is to be taken */
    SetContent readJson(String text) {
        SetContent content;
        try {
            JsonNode file = json.readTree(text);
            if (!FORMAT.equals(file.path("format").asString("")) || file.path("version").asInt(0) != VERSION) {
                throw notOurs();
            }
            content = json.treeToValue(file.path("set"), SetContent.class);
        } catch (JacksonException broken) {
            int line = broken.getLocation() == null ? 1 : Math.max(1, broken.getLocation().getLineNr());
            throw new FileFaults(List.of(new Fault("line " + line, "Line " + line
                    + ": the file is not JSON from here, or a field has another form. Export the set again.")));
        }
        if (content == null) {
            throw notOurs();
        }
        List<Fault> faults = new ArrayList<>(validator.validate(content).stream()
                .map(wrong -> new Fault(wrong.getPropertyPath().toString(), wrong.getPropertyPath() + ": " + wrong.getMessage()))
                .sorted(Comparator.comparing(Fault::field)).toList());
        for (int i = 0; faults.isEmpty() && i < content.questions().size(); i++) {
            try {
                SetReading.question(content.questions().get(i).problem());
                check(content.questions().get(i));
            } catch (Refusal refusal) {
                faults.add(new Fault("question " + (i + 1), "Question " + (i + 1) + ": " + refusal.getMessage()));
            }
        }
        if (!faults.isEmpty()) {
            throw new FileFaults(faults);
        }
        checked(content.questions(), faults);
        return content;
    }

    private static FileFaults notOurs() {
        return new FileFaults(List.of(new Fault("line 1",
                "This is not a set of Bemble. Choose a JSON file that a set's export has written.")));
    }
}
