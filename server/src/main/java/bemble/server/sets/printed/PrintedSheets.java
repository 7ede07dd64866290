package bemble.server.sets.printed;

import bemble.core.print.LessonPart;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.server.faults.Missing;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.limits.Limits;
import bemble.server.sets.SetContent;
import bemble.server.sets.SetService;
import bemble.server.sets.StoredSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Sheets of questions for those who mark them: as they were printed under a code, or a set as it is now. */
@Component
public class PrintedSheets {
    /** A sheet's code where the set was never printed. */
    public static final String UNPRINTED = "set";

    private final PrintMapper prints;
    private final SetService sets;
    private final ObjectMapper json;

    PrintedSheets(PrintMapper prints, SetService sets, ObjectMapper json) {
        this.prints = prints;
        this.sets = sets;
        this.json = json;
    }

    /**
     * A sheet.
     *
     * @param code the code that stands on its pages
     * @param problems its questions in their order
     * @param passMark right answers that are enough, or null where it is no quiz
     */
    public record Sheet(String code, String title, List<Problem> problems, @Nullable Integer passMark) {}

    /** @throws Refusal where nothing was printed under that code */
    public Sheet printed(TeacherId teacherId, String code) {
        String plain = code.strip().toUpperCase(Locale.ROOT).replace(' ', '-');
        StoredPrint print = prints.find(teacherId, plain).or(() -> prints.find(teacherId, plain + "-A"))
                .orElseThrow(() -> Refusal.of("code",
                        "No sheet of yours has the code “" + code.strip() + "”. It stands at the foot of every page, "
                                + "like K7PT-A."));
        SetContent content = json.readValue(print.content(), SetContent.class);
        return new Sheet(print.code(), content.title(), problems(content), content.passMark());
    }

    /** @throws Missing where the teacher has no such set */
    public Sheet ofSet(TeacherId teacherId, SetId setId) {
        SetContent content = sets.content(sets.find(teacherId, setId));
        return new Sheet(UNPRINTED, content.title(), problems(content), content.passMark());
    }

    /** A question of a set with the part of a lesson it is for. */
    public record Asked(Problem problem, LessonPart part) {}

    /** @throws Missing where the teacher has no such set */
    public List<Asked> askedIn(TeacherId teacherId, SetId setId) {
        return sets.content(sets.find(teacherId, setId)).questions().stream()
                .map(question -> new Asked(question.read(), LessonPart.of(question.part()))).toList();
    }

    /** The set of that title, where the teacher has one. */
    public Optional<SetId> named(TeacherId teacherId, String title) {
        return sets.search(teacherId, title, false).stream().filter(set -> set.title().equals(title)).map(StoredSet::id)
                .findFirst();
    }

    private static List<Problem> problems(SetContent content) {
        return content.questions().stream().map(SetContent.SetQuestion::read).toList();
    }

    /** Keeps a new set with these questions; gives its id. */
    public SetId keep(TeacherId teacherId, String title, String tag, @Nullable Operation operation,
            List<Problem> problems) {
        List<SetContent.SetQuestion> questions = problems.stream()
                .map(problem -> new SetContent.SetQuestion(problem.text(), "", "alone")).toList();
        SetContent.LayoutChoice layout =
                new SetContent.LayoutChoice("a4", 2, 7, true, true, false, true, false, true, null, null);
        return sets.add(teacherId,
                new SetContent(title.substring(0, Math.min(Limits.TITLE_LETTERS, title.length())), tag, operation, null,
                        null, 1L, null, questions, layout))
                .id();
    }
}
