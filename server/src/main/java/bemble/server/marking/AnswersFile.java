package bemble.server.marking;

import bemble.core.diagnosis.GivenAnswer;
import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.classes.Pupil;
import bemble.server.marking.MarkingService.Open;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** Answers of a class as CSV, a line a pupil: the name, then an answer a question; docs/formats/answers.md describes it. */
final class AnswersFile {
    private static final int MOST_FAULTS = 20;

    private AnswersFile() {}

    /**
     * Reads the answers.
     *
     * @throws Refusal naming each line that cannot be read; nothing is taken then
     */
    static List<MarkedAnswer> read(String text, Open open) {
        List<MarkedAnswer> answers = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        try (CSVParser lines = CSVFormat.RFC4180.builder().setIgnoreEmptyLines(true).setTrim(true).get()
                .parse(new StringReader(text))) {
            for (CSVRecord line : lines) {
                boolean head = line.getRecordNumber() == 1 && line.get(0).equalsIgnoreCase("name");
                if (!head) {
                    read(line, open, answers, faults);
                }
            }
        } catch (IOException | RuntimeException unreadable) {
            throw Refusal.of("file", "This is no CSV file: a line a pupil, the name first, then an answer a question, parted by commas.");
        }
        if (faults.size() > MOST_FAULTS) {
            int more = faults.size() - MOST_FAULTS;
            faults = new ArrayList<>(faults.subList(0, MOST_FAULTS));
            faults.add(new Fault("file", "And " + more + " more."));
        }
        if (!faults.isEmpty()) {
            throw Refusal.of(faults);
        }
        if (answers.isEmpty()) {
            throw Refusal.of("file", "There is no answer in this file. Write a line a pupil: the name, then an answer a question.");
        }
        return answers;
    }

    private static void read(CSVRecord line, Open open, List<MarkedAnswer> answers, List<Fault> faults) {
        String where = "Line " + line.getRecordNumber();
        Pupil pupil = open.schoolClass().pupils().stream().filter(each -> each.name().equalsIgnoreCase(line.get(0))).findFirst()
                .orElse(null);
        if (pupil == null) {
            faults.add(new Fault("line[" + line.getRecordNumber() + "]", where + ": there is no “" + line.get(0) + "” in "
                    + open.schoolClass().name() + ". Write the name as it stands in the class list."));
            return;
        }
        int questions = open.sheet(pupil.id()).problems().size();
        if (line.size() - 1 > questions) {
            faults.add(new Fault("line[" + line.getRecordNumber() + "]", where + ", " + pupil.name() + ": " + (line.size() - 1)
                    + " answers, but the sheet has " + questions + " questions."));
            return;
        }
        for (int i = 1; i < line.size(); i++) {
            String given = line.get(i);
            if (given.isEmpty()) {
                answers.add(new MarkedAnswer(pupil.id(), i, "blank", "", "", "", null));
            } else if (given.equals("?")) {
                answers.add(new MarkedAnswer(pupil.id(), i, "unclear", "", "", "", null));
            } else if (GivenAnswer.read(given, open.style().point().punctuation()).isEmpty()) {
                faults.add(new Fault("line[" + line.getRecordNumber() + "]", where + ", " + pupil.name() + ", question " + i + ": “"
                        + given + "” is not a number. Write one, ? where it cannot be read, or nothing where it was left blank."));
            } else {
                answers.add(new MarkedAnswer(pupil.id(), i, "given", given, "", "", null));
            }
        }
    }
}
