package bemble.server.marking.taken;

import static java.util.Objects.requireNonNull;

import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.server.account.DemoCalendar;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.AnswerVerdict;
import bemble.server.marking.kept.JudgedAnswer;
import bemble.server.marking.kept.MarkingMapper;
import bemble.server.marking.kept.PileSheet;
import bemble.server.marking.kept.StoredPaper;
import bemble.server.sets.printed.PrintedSheets;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/**
 * Takes in the weeks of work that ship with the demo school: a line a sheet, then a line a paper and a line for each
 * answer that is wrong on it. They were written by simulated pupils and diagnosed beforehand, so that the start is quick.
 */
@Component
class DemoWeeks {
    private static final String FILE = "/demo/weeks.csv";
    private static final LocalTime MARKED_AT = LocalTime.of(12, 40);
    private final MarkingMapper markings;
    private final ObjectMapper json;
    private final Clock clock;

    DemoWeeks(MarkingMapper markings, ObjectMapper json, Clock clock) {
        this.markings = markings;
        this.json = json;
        this.clock = clock;
    }

    void put(TeacherId teacherId, List<SchoolClass> classes) {
        List<JudgedAnswer> answers = new ArrayList<>();
        @Nullable
        MarkingId marking = null;
        int questions = 0;
        SchoolClass schoolClass = classes.get(0);
        for (String line : lines()) {
            // A sheet's title stands last, since it may have commas of its own.
            String[] parts = line.split(",", line.startsWith("sheet,") ? 6 : -1);
            switch (parts[0]) {
                case "sheet" -> {
                    keep(marking, answers);
                    schoolClass =
                            classes.stream().filter(each -> each.name().equals(parts[1])).findFirst().orElseThrow();
                    List<Problem> problems = Arrays.stream(parts[4].split("\\|")).map(ProblemText::kept).toList();
                    questions = problems.size();
                    marking = begin(teacherId, schoolClass, parts[2], parts[5], new PileSheet(PrintedSheets.UNPRINTED,
                            problems, parts[3].isEmpty() ? null : Integer.valueOf(parts[3])));
                }
                case "absent" -> markings.keepPaper(requireNonNull(marking),
                        new StoredPaper(pupil(schoolClass, parts[1]), null, true));
                case "paper" -> {
                    PupilId pupil = pupil(schoolClass, parts[1]);
                    for (int question = 1; question <= questions; question++) {
                        answers.add(new JudgedAnswer(pupil, question, AnswerState.RIGHT, "", "", "", null,
                                AnswerVerdict.RIGHT, null, null));
                    }
                }
                default -> {
                    int question = Integer.parseInt(parts[2]);
                    int at = answers.size() - questions + question - 1;
                    answers.set(at, notRight(answers.get(at).pupilId(), question, parts));
                }
            }
        }
        keep(marking, answers);
    }

    /** What stands on a paper for a question that is not right on it. */
    private static JudgedAnswer notRight(PupilId pupil, int question, String[] parts) {
        return switch (parts[0]) {
            case "blank" -> new JudgedAnswer(pupil, question, AnswerState.BLANK, "", "", "", null,
                    AnswerVerdict.BLANK, null, null);
            case "not-reached" -> new JudgedAnswer(pupil, question, AnswerState.NOT_REACHED, "", "", "", null,
                    AnswerVerdict.NOT_REACHED, null, null);
            default -> new JudgedAnswer(pupil, question, AnswerState.GIVEN, parts[3], "", "", orNull(parts[6]),
                    AnswerVerdict.WRONG, orNull(parts[4]), orNull(parts[5]));
        };
    }

    private static List<String> lines() {
        try (InputStream file = DemoWeeks.class.getResourceAsStream(FILE)) {
            return new String(file.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    /** @param when weeks ago and the weekday, such as {@code 6-2} */
    MarkingId begin(TeacherId teacherId, SchoolClass schoolClass, String when, String title, PileSheet sheet) {
        LocalDate day = DemoCalendar.day(clock, when.charAt(0) - '0', when.charAt(2) - '0');
        OffsetDateTime at = DemoCalendar.at(clock, day, MARKED_AT);
        return markings.add(teacherId, schoolClass.id(), title, at, day,
                json.writeValueAsString(List.of(sheet))).id();
    }

    private void keep(@Nullable MarkingId marking, List<JudgedAnswer> answers) {
        if (!answers.isEmpty()) {
            markings.keepJudged(requireNonNull(marking), answers);
            answers.clear();
        }
    }

    private static PupilId pupil(SchoolClass schoolClass, String name) {
        return schoolClass.pupils().stream().filter(each -> each.name().equals(name)).map(Pupil::id).findFirst()
                .orElseThrow();
    }

    private static @Nullable String orNull(String text) {
        return text.isEmpty() ? null : text;
    }
}
