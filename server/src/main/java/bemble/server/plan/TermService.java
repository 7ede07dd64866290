package bemble.server.plan;

import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.problem.Operation;
import bemble.core.progress.State;
import bemble.server.classes.ClassService;
import bemble.server.classes.SchoolClass;
import bemble.server.faults.ChangedElsewhere;
import bemble.server.ids.ClassId;
import bemble.server.ids.TeacherId;
import bemble.server.plan.PlanViews.TermView;
import bemble.server.plan.PlanViews.TopicView;
import bemble.server.progress.PupilPlaces;
import bemble.server.progress.RecordService;
import bemble.server.storage.Turns;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** What a teacher wants of a class's plans: the topics in their order, the days, the minutes, the sheets. */
@Service
class TermService {
    static final List<Integer> USUAL_WEEKDAYS = List.of(1, 2, 3, 4, 5);
    private static final int USUAL_MINUTES = 20;
    private static final int USUAL_GROUP = 60;

    private final Turns turns;
    private final ClassService classes;
    private final RecordService records;
    private final PlanMapper plans;
    private final ObjectMapper json;

    TermService(ClassService classes, RecordService records, PlanMapper plans, ObjectMapper json, Turns turns) {
        this.turns = turns;
        this.classes = classes;
        this.records = records;
        this.plans = plans;
        this.json = json;
    }

    TermView term(TeacherId teacherId, ClassId classId) {
        SchoolClass schoolClass = classes.find(teacherId, classId);
        return new TermView(of(classId, () -> records.places(schoolClass)), allTopics(),
                plans.term(classId).map(PlanMapper.StoredTerm::revision).orElse(0));
    }

    private static List<TopicView> allTopics() {
        return Ladder.all().stream()
                .map(rung -> new TopicView(rung.id(), rung.wishes().operation(), rung.fullTitle())).toList();
    }

    /** What counts for a class: what was chosen, else what its work suggests. */
    Term of(ClassId classId, Supplier<List<PupilPlaces>> work) {
        return plans.term(classId).map(stored -> json.readValue(stored.content(), Term.class))
                .orElseGet(() -> usual(work.get()));
    }

    /** Until a teacher chooses: the ladders of the operations the class is at, from the first rung that was tried. */
    private static Term usual(List<PupilPlaces> work) {
        List<String> topics = new ArrayList<>();
        for (Operation operation : Operation.values()) {
            List<Rung> rungs = Ladder.of(operation);
            boolean begun = false;
            for (Rung rung : rungs) {
                begun = begun || work.stream().anyMatch(pupil -> pupil.state(rung.id()) != State.NOT_TRIED);
                if (begun) {
                    topics.add(rung.id());
                }
            }
        }
        if (topics.isEmpty()) {
            Ladder.of(Operation.ADDITION).forEach(rung -> topics.add(rung.id()));
        }
        return new Term(topics, USUAL_WEEKDAYS, USUAL_MINUTES, USUAL_GROUP, 3);
    }

    /**
     * Keeps what a teacher wants of a class's plans.
     *
     * @param revision the revision that was changed; 0 where nothing was chosen yet
     * @throws ChangedElsewhere with what is wanted now, where another window has changed it meanwhile
     */
    @Transactional
    TermView keepTerm(TeacherId teacherId, ClassId classId, Term term, int revision) {
        turns.of(teacherId);
        classes.find(teacherId, classId);
        term.wishes(Weeks.monday(records.today()));
        String content = json.writeValueAsString(term);
        int kept = revision == 0 ? plans.beginTerm(classId, content) : plans.changeTerm(classId, content, revision);
        if (kept == 0) {
            throw new ChangedElsewhere(term(teacherId, classId));
        }
        return term(teacherId, classId);
    }

    /** The weekdays on which there are lessons, from 1 for Monday. */
    List<Integer> weekdays(ClassId classId) {
        return plans.term(classId).map(stored -> json.readValue(stored.content(), Term.class).weekdays())
                .orElse(USUAL_WEEKDAYS);
    }
}
