package bemble.server.marking.kept;

import bemble.core.diagnosis.GivenAnswer;
import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.classes.Pupil;
import bemble.server.web.SpreadsheetText;
import bemble.server.web.TableFile;
import java.util.ArrayList;
import java.util.List;

/** Answers of a class as CSV, a line a pupil: the name, then an answer a question; docs/formats/answers.md describes it. */
final class AnswersFile {
    private static final int MOST_FAULTS = 20;

    private AnswersFile() {}

    /**
     * Reads the answers.
     *
     * @throws Refusal naming each line that cannot be read; nothing is taken then
     */
    static List<MarkedAnswer> read(List<TableFile.Row> rows, OpenPile open) {
        List<MarkedAnswer> answers = new ArrayList<>();
        List<Fault> faults = new ArrayList<>();
        for (TableFile.Row row : rows) {
            boolean head = row == rows.get(0) && row.field(0).equalsIgnoreCase("name");
            if (!head) {
                read(row, open, answers, faults);
            }
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
            throw Refusal.of("file",
                    "There is no answer in this file. Write a line a pupil: the name, then an answer a question.");
        }
        return answers;
    }

    private static void read(TableFile.Row row, OpenPile open, List<MarkedAnswer> answers, List<Fault> faults) {
        String name = SpreadsheetText.typed(row.field(0));
        String where = "Line " + row.line();
        Pupil pupil =
                open.schoolClass().pupils().stream().filter(each -> each.name().equalsIgnoreCase(name)).findFirst()
                        .orElse(null);
        if (pupil == null) {
            faults.add(new Fault("line[" + row.line() + "]", where + ": there is no “" + name + "” in "
                    + open.schoolClass().name() + ". Write the name as it stands in the class list."));
            return;
        }
        int questions = open.sheet(pupil.id()).problems().size();
        if (row.fields().size() - 1 > questions) {
            faults.add(
                    new Fault("line[" + row.line() + "]", where + ", " + pupil.name() + ": " + (row.fields().size() - 1)
                            + " answers, but the sheet has " + questions + " questions."));
            return;
        }
        for (int i = 1; i < row.fields().size(); i++) {
            String given = row.field(i);
            if (given.isEmpty()) {
                answers.add(MarkedAnswer.of(pupil.id(), i, AnswerState.BLANK, "", "", "", null));
            } else if (given.equals("?")) {
                answers.add(MarkedAnswer.of(pupil.id(), i, AnswerState.UNCLEAR, "", "", "", null));
            } else if (GivenAnswer.read(given, open.style().point().punctuation()).isEmpty()) {
                faults.add(new Fault("line[" + row.line() + "]", where + ", " + pupil.name() + ", question " + i + ": “"
                        + given
                        + "” is not a number. Write one, ? where it cannot be read, or nothing where it was left blank."));
            } else {
                answers.add(MarkedAnswer.of(pupil.id(), i, AnswerState.GIVEN, given, "", "", null));
            }
        }
    }
}
