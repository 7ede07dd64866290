package bemble.server.sets;

import bemble.core.practice.features.FeaturedProblem;
import bemble.core.print.LessonPart;
import bemble.core.problem.Fault;
import bemble.core.style.HouseStyle;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import bemble.server.faults.FileFaults;
import bemble.server.limits.Limits;
import bemble.server.sets.SetContent.SetQuestion;
import bemble.server.web.SpreadsheetText;
import bemble.server.web.TableFile;
import jakarta.validation.Validator;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVPrinter;
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
                QuestionView view = QuestionView.of(FeaturedProblem.of(question.read()), HouseStyle.USUAL);
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
    List<SetQuestion> readCsv(byte[] table) {
        List<SetQuestion> questions = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        List<String> header = List.of("problem");
        List<TableFile.Row> rows = TableFile.rows(table);
        for (TableFile.Row row : rows) {
            if (row == rows.get(0)
                    && row.fields().stream().anyMatch(each -> each.strip().equalsIgnoreCase("problem"))) {
                header = row.fields().stream().map(each -> each.strip().toLowerCase(Locale.ROOT)).toList();
            } else {
                read(row, header, questions, faults);
            }
        }
        return checked(questions, faults);
    }

    private static void read(TableFile.Row row, List<String> header, List<SetQuestion> questions, List<Fault> faults) {
        try {
            String part = field(row, header, "part");
            SetQuestion question = new SetQuestion(
                    FeaturedProblem.of(ProblemText.kept(field(row, header, "problem"))).problem().text(),
                    SpreadsheetText.typed(field(row, header, "story")), part.isEmpty() ? LessonPart.ALONE.id() : part);
            check(question);
            questions.add(question);
        } catch (Refusal refusal) {
            faults.add(new Fault("line " + row.line(), "Line " + row.line() + ": " + refusal.getMessage()));
        }
    }

    private static void check(SetQuestion question) {
        LessonPart.of(question.part());
        if (question.story().length() > Limits.STORY_LETTERS) {
            throw Refusal.of("story", "The story has more than " + Limits.STORY_LETTERS + " letters. Shorten it.");
        }
    }

    private static String field(TableFile.Row row, List<String> header, String name) {
        int at = header.indexOf(name);
        return at >= 0 ? row.field(at) : "";
    }

    private static List<SetQuestion> checked(List<SetQuestion> questions, List<Fault> faults) {
        if (!faults.isEmpty()) {
            throw new FileFaults(faults);
        }
        if (questions.isEmpty()) {
            throw new FileFaults(List.of(new Fault("line 1",
                    "There is no problem in this file. Put one on each line, like 487 + 96.")));
        }
        if (questions.size() > Limits.QUESTIONS) {
            throw new FileFaults(List.of(new Fault("line " + (Limits.QUESTIONS + 1),
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
                .map(wrong -> new Fault(wrong.getPropertyPath().toString(),
                        wrong.getPropertyPath() + ": " + wrong.getMessage()))
                .sorted(Comparator.comparing(Fault::field)).toList());
        for (int i = 0; faults.isEmpty() && i < content.questions().size(); i++) {
            try {
                FeaturedProblem.of(content.questions().get(i).read());
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
