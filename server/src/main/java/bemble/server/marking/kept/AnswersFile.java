package bemble.server.marking.kept;

import bemble.core.entry.GivenAnswer;
import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.classes.Pupil;
import bemble.server.ids.PupilId;
import bemble.server.web.Heading;
import bemble.server.web.SpreadsheetText;
import bemble.server.web.TableFile;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

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
        boolean headed = !rows.isEmpty() && isHeading(rows.get(0), open);
        Map<Integer, Integer> questions = headed ? questions(rows.get(0), faults) : Map.of();
        Map<PupilId, Integer> lines = new HashMap<>();
        // Under heads that are wrong every line would be.
        if (faults.isEmpty()) {
            for (TableFile.Row row : headed ? rows.subList(1, rows.size()) : rows) {
                read(row, open, headed ? questions : null, lines, answers, faults);
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

    /** Whether a first line is of heads: it is no child's, and stands over names or over numbered questions. */
    private static boolean isHeading(TableFile.Row row, OpenPile open) {
        if (pupil(open, row.field(0)) != null) {
            return false;
        }
        return Heading.isName(row.field(0)) || Heading.isFirstName(row.field(0))
                || IntStream.range(1, row.fields().size())
                        .anyMatch(column -> row.field(column).matches(".*\\p{L}.*[0-9].*")
                                && Heading.question(row.field(column)).isPresent());
    }

    /** Which question each column has; a column that says none, or one that another has too, is a fault. */
    private static Map<Integer, Integer> questions(TableFile.Row head, List<Fault> faults) {
        Map<Integer, Integer> questions = new LinkedHashMap<>();
        for (int column = 1; column < head.fields().size(); column++) {
            String said = head.field(column);
            OptionalInt question = Heading.question(said);
            if (question.isEmpty()) {
                faults.add(new Fault("line[" + head.line() + "]", "Line " + head.line() + ": “" + said
                        + "” over column " + (column + 1)
                        + " is the number of no question. Write 1, 2, 3 … over the answers, or "
                        + "take the column out."));
            } else if (questions.containsValue(question.getAsInt())) {
                faults.add(new Fault("line[" + head.line() + "]",
                        "Line " + head.line() + ": question " + question.getAsInt()
                                + " stands over two columns. Take one of them out."));
            } else {
                questions.put(column, question.getAsInt());
            }
        }
        return questions;
    }

    private static @Nullable Pupil pupil(OpenPile open, String field) {
        String name = SpreadsheetText.typed(field);
        return open.schoolClass().pupils().stream().filter(each -> each.name().equalsIgnoreCase(name)).findFirst()
                .orElse(null);
    }

    /** @param heads which question each column has; null where they stand in order */
    private static void read(TableFile.Row row, OpenPile open, @Nullable Map<Integer, Integer> heads,
            Map<PupilId, Integer> lines, List<MarkedAnswer> answers, List<Fault> faults) {
        String name = SpreadsheetText.typed(row.field(0));
        String where = "Line " + row.line();
        Pupil pupil = pupil(open, row.field(0));
        if (pupil == null) {
            faults.add(new Fault("line[" + row.line() + "]", where + ": there is no “" + name + "” in "
                    + open.schoolClass().name() + ". Write the name as it stands in the class list."));
            return;
        }
        Integer before = lines.putIfAbsent(pupil.id(), row.line());
        if (before != null) {
            faults.add(new Fault("line[" + row.line() + "]",
                    where + ": " + pupil.name() + " is listed twice, in line " + before
                            + " too. Take one of the two out."));
            return;
        }
        int questions = open.sheet(pupil.id()).problems().size();
        if (heads == null && row.fields().size() - 1 > questions) {
            faults.add(
                    new Fault("line[" + row.line() + "]", where + ", " + pupil.name() + ": " + (row.fields().size() - 1)
                            + " answers, but the sheet has " + questions + " questions."));
            return;
        }
        for (int column = 1; column < row.fields().size(); column++) {
            String given = row.field(column);
            int i = heads == null ? column : heads.getOrDefault(column, 0);
            if (i == 0 && given.isEmpty()) {
                continue;
            }
            if (i < 1 || i > questions) {
                faults.add(new Fault("line[" + row.line() + "]", where + ", " + pupil.name() + ": " + (i == 0
                        ? "column " + (column + 1) + " has no head. Write the number of its question over it."
                        : "the sheet has questions 1 to " + questions + ", and no question " + i + ".")));
                return;
            }
            if (given.isEmpty()) {
                answers.add(MarkedAnswer.of(pupil.id(), i, AnswerState.BLANK, "", "", "", null));
            } else if (given.equals("?")) {
                answers.add(MarkedAnswer.of(pupil.id(), i, AnswerState.UNCLEAR, "", "", "", null));
            } else if (GivenAnswer.read(given, open.style().answersWritten()).isEmpty()) {
                faults.add(new Fault("line[" + row.line() + "]", where + ", " + pupil.name() + ", question " + i + ": “"
                        + given
                        + "” is not a number. Write one, ? where it cannot be read, or nothing where it was left blank."));
            } else {
                answers.add(MarkedAnswer.of(pupil.id(), i, AnswerState.GIVEN, given, "", "", null));
            }
        }
    }
}
