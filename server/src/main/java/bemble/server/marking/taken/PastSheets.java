package bemble.server.marking.taken;

import bemble.core.problem.Problem;
import bemble.server.ids.PupilId;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.AnswerVerdict;
import bemble.server.marking.kept.JudgedAnswer;
import bemble.server.marking.kept.PileSheet;
import bemble.server.sets.printed.PrintedSheets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** The sheets behind answers of the past: pupils whose questions agree share one, others had a sheet of their own. */
final class PastSheets {
    private final List<Map<Integer, Problem>> sheets = new ArrayList<>();
    /** The pass mark of each sheet, or null where it is no quiz. */
    private final List<Integer> passMarks = new ArrayList<>();
    private final Map<PupilId, Integer> byPupil = new LinkedHashMap<>();
    private final List<JudgedAnswer> blank = new ArrayList<>();

    PastSheets(List<PastAnswer> pile, List<PastQuiz> quizzes) {
        Map<PupilId, Map<Integer, Problem>> papers = new LinkedHashMap<>();
        pile.forEach(answer -> papers.computeIfAbsent(answer.pupilId(), any -> new HashMap<>()).put(answer.question(),
                answer.problem()));
        Map<PupilId, Integer> passMarkOf = new HashMap<>();
        quizzes.stream().filter(quiz -> papers.containsKey(quiz.pupilId())).forEach(quiz -> {
            passMarkOf.put(quiz.pupilId(), quiz.passMark());
            Map<Integer, Problem> paper = Objects.requireNonNull(papers.get(quiz.pupilId()));
            for (int question = 1; question <= quiz.problems().size(); question++) {
                if (paper.putIfAbsent(question, quiz.problems().get(question - 1)) == null) {
                    blank.add(new JudgedAnswer(quiz.pupilId(), question, AnswerState.BLANK, "", "", "", null,
                            AnswerVerdict.BLANK, null, null));
                }
            }
        });
        papers.forEach((pupil, questions) -> {
            Integer passMark = passMarkOf.get(pupil);
            int sheet = 0;
            while (sheet < sheets.size()
                    && !(Objects.equals(passMarks.get(sheet), passMark) && agree(sheets.get(sheet), questions))) {
                sheet++;
            }
            if (sheet == sheets.size()) {
                sheets.add(new HashMap<>());
                passMarks.add(passMark);
            }
            sheets.get(sheet).putAll(questions);
            byPupil.put(pupil, sheet);
        });
    }

    private static boolean agree(Map<Integer, Problem> sheet, Map<Integer, Problem> questions) {
        return questions.entrySet().stream()
                .allMatch(each -> each.getValue().equals(sheet.getOrDefault(each.getKey(), each.getValue())));
    }

    private static String code(int sheet) {
        return sheet == 0 ? PrintedSheets.UNPRINTED : PrintedSheets.UNPRINTED + "-" + (sheet + 1);
    }

    /** The sheets; a question that nobody answered is filled with another of the sheet. */
    List<PileSheet> sheets() {
        List<PileSheet> all = new ArrayList<>();
        for (Map<Integer, Problem> questions : sheets) {
            int most = questions.keySet().stream().mapToInt(Integer::intValue).max().orElseThrow();
            Problem any = questions.get(most);
            List<Problem> problems = new ArrayList<>();
            for (int question = 1; question <= most; question++) {
                problems.add(questions.getOrDefault(question, any));
            }
            all.add(new PileSheet(code(all.size()), problems, passMarks.get(all.size())));
        }
        return all;
    }

    /** What was left blank in quizzes. */
    List<JudgedAnswer> blank() {
        return blank;
    }

    /** The code of each pupil's sheet; null stands for the first. */
    Map<PupilId, String> byPupil() {
        Map<PupilId, String> codes = new LinkedHashMap<>();
        byPupil.forEach((pupil, sheet) -> codes.put(pupil, sheet == 0 ? null : code(sheet)));
        return codes;
    }
}
