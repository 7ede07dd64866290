package bemble.server.lesson;

import bemble.core.lesson.LessonDraft;
import bemble.core.lesson.Stage;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.problem.Refusal;
import bemble.core.slip.Slips;
import bemble.server.faults.ChangedElsewhere;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.lesson.LessonContent.StageContent;
import bemble.server.lesson.LessonView.StageView;
import bemble.server.limits.Limits;
import bemble.server.sets.printed.PrintedSheets;
import bemble.server.storage.Turns;
import bemble.server.style.StyleService;
import bemble.server.style.WrittenProblem;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** Sets lessons out and keeps what is changed in them. */
@Service
class LessonService {
    private static final long USUAL_SEED = 3;

    private final Turns turns;
    private final LessonSubjects subjects;
    private final LessonMapper lessons;
    private final PrintedSheets sheets;
    private final StyleService styles;
    private final ObjectMapper json;

    LessonService(LessonSubjects subjects, LessonMapper lessons, PrintedSheets sheets, StyleService styles,
            ObjectMapper json, Turns turns) {
        this.turns = turns;
        this.subjects = subjects;
        this.lessons = lessons;
        this.sheets = sheets;
        this.styles = styles;
        this.json = json;
    }

    /** A lesson as it was changed, else as it is set out. */
    LessonView find(TeacherId teacherId, String source) {
        LessonSubject subject = subjects.find(teacherId, source);
        return view(teacherId, source, subject, now(teacherId, source, subject));
    }

    private record Kept(LessonContent content, int revision) {}

    private Kept now(TeacherId teacherId, String source, LessonSubject subject) {
        return lessons.find(teacherId, source)
                .map(stored -> new Kept(json.readValue(stored.content(), LessonContent.class), stored.revision()))
                .orElseGet(() -> new Kept(drafted(teacherId, subject, subject.minutes(), USUAL_SEED), 0));
    }

    private LessonContent drafted(TeacherId teacherId, LessonSubject subject, int minutes, long seed) {
        List<FeaturedProblem> worked = Stream.of(subject.shown(), subject.together(), subject.worked().draw(seed))
                .flatMap(List::stream).toList();
        List<Stage> stages = LessonDraft.of(worked, subject.slip(), subject.sheet(), minutes, styles.of(teacherId));
        return LessonContent.of(stages);
    }

    /**
     * Keeps a lesson.
     *
     * @param revision the one that was changed; 0 where nothing was changed before
     * @throws ChangedElsewhere with the lesson as it is now, where another window has changed it meanwhile
     */
    @Transactional
    LessonView keep(TeacherId teacherId, String source, LessonContent content, int revision) {
        turns.of(teacherId);
        return keep(teacherId, source, subjects.find(teacherId, source), content, revision);
    }

    private LessonView keep(TeacherId teacherId, String source, LessonSubject subject, LessonContent content,
            int revision) {
        content.requireWhole();
        String text = json.writeValueAsString(content);
        int kept = revision == 0 ? lessons.begin(teacherId, source, text)
                : lessons.change(teacherId, source, text, revision);
        if (kept == 0) {
            throw new ChangedElsewhere(view(teacherId, source, subject, now(teacherId, source, subject)));
        }
        return view(teacherId, source, subject, new Kept(content, revision + 1));
    }

    /**
     * Sets a lesson out again, with other numbers on the board.
     *
     * @throws Refusal where no lesson is so long
     */
    @Transactional
    LessonView anew(TeacherId teacherId, String source, int minutes, int revision) {
        if (minutes < 1 || minutes > Limits.PART_MINUTES) {
            throw Refusal.of("minutes", "Give the lesson 1 to " + Limits.PART_MINUTES + " minutes.");
        }
        turns.of(teacherId);
        LessonSubject subject = subjects.find(teacherId, source);
        return keep(teacherId, source, subject, drafted(teacherId, subject, minutes, USUAL_SEED + revision + 1),
                revision);
    }

    /** Makes the set of what is done alone, or finds the one that was made. */
    @Transactional
    SetId setFor(TeacherId teacherId, String source) {
        if (LessonSubjects.isOfGroup(source)) {
            return subjects.setOfGroup(teacherId, source);
        }
        LessonSubject subject = subjects.find(teacherId, source);
        Kept lesson = now(teacherId, source, subject);
        SetId there = setOf(subject, lesson.content());
        if (there != null) {
            return there;
        }
        List<Problem> problems = lesson.content().stages().stream().filter(stage -> stage.kind() == Stage.Kind.ALONE)
                .flatMap(stage -> stage.problems().stream()).toList();
        SetId made = sheets.keep(teacherId, subject.title(), "", null, problems);
        keep(teacherId, source, subject, lesson.content().withSet(made), lesson.revision());
        return made;
    }

    private static @Nullable SetId setOf(LessonSubject subject, LessonContent content) {
        return subject.setId() == null ? content.setId() : subject.setId();
    }

    private static String mistake(StageContent stage) {
        return stage.slip() == null || stage.problems().isEmpty() ? "" : "Here somebody "
                + Slips.label(stage.slip(), stage.problems().get(0)) + ".";
    }

    private LessonView view(TeacherId teacherId, String source, LessonSubject subject, Kept lesson) {
        HouseStyle style = styles.of(teacherId);
        List<StageView> stages = lesson.content().stages().stream().map(stage -> {
            Stage.Kind kind = stage.kind();
            return new StageView(kind, kind.title(), kind.does(), stage.minutes(),
                    stage.problems().stream().map(problem -> WrittenProblem.of(problem, style)).toList(), stage.slip(),
                    mistake(stage), stage.skipped());
        }).toList();
        return new LessonView(source, subject.title(), subject.aside(),
                stages.stream().filter(stage -> !stage.skipped())
                        .mapToInt(StageView::minutes).sum(),
                lesson.revision(), stages, setOf(subject, lesson.content()));
    }
}
