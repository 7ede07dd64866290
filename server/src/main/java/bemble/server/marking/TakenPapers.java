package bemble.server.marking;

import bemble.server.style.HowCode;
import bemble.server.style.PreferencesService;
import bemble.server.marking.MarkingService.Open;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Papers that were written in Bemble, taken into a pile as if a teacher had typed them. */
@Component
public class TakenPapers {
    private final MarkingService markings;
    private final MarkingMapper mapper;
    private final PreferencesService preferences;

    TakenPapers(MarkingService markings, MarkingMapper mapper, PreferencesService preferences) {
        this.markings = markings;
        this.mapper = mapper;
        this.preferences = preferences;
    }

    /**
     * An answer that was written.
     *
     * @param given what stands there; empty where the paper is empty
     * @param slip the slip that fits the paper; null where none does, or the paper is right
     */
    public record Taken(int question, String given, String slip) {}

    /**
     * Begins a pile of a set as it is now; gives its id.
     *
     * @return the pile and the problems that are in it
     */
    @Transactional
    public Pile begin(long teacherId, long classId, long setId) {
        long id = markings.begin(teacherId, classId, null, setId).id();
        Open open = markings.open(teacherId, id);
        return new Pile(id, open.stored().title(), open.sheets().get(0).problems());
    }

    /** A pile with its problems as text. */
    public record Pile(long id, String title, List<String> problems) {}

    /**
     * Takes a pupil's paper in. An answer that stands there already was the first: what comes later is kept beside it as
     * the pupil's own correction.
     *
     * @param helped whether the pupil was led, so that it does not count as done alone
     */
    @Transactional
    public void take(long teacherId, long markingId, long pupilId, List<Taken> answers, boolean helped) {
        Open open = markings.open(teacherId, markingId);
        String how = helped ? preferences.of(teacherId).howCodes().stream().filter(code -> !code.alone()).map(HowCode::code)
                .findFirst().orElse("") : "";
        for (Taken taken : answers) {
            MarkedAnswer before = open.answers(pupilId).stream().filter(answer -> answer.question() == taken.question())
                    .findFirst().orElse(null);
            mapper.keepAnswer(markingId, merged(pupilId, before, taken, how));
        }
        markings.judgedAnew(teacherId, markingId, MarkingService.pupil(open, pupilId));
        answers.stream().filter(taken -> taken.slip() != null && !taken.given().isEmpty())
                .forEach(taken -> mapper.presume(markingId, pupilId, taken.question(), taken.slip()));
    }

    private static MarkedAnswer merged(long pupilId, MarkedAnswer before, Taken taken, String how) {
        if (before == null || before.state().equals("blank")) {
            return new MarkedAnswer(pupilId, taken.question(), taken.given().isEmpty() ? "blank" : "given", taken.given(), "", how, null);
        }
        String correction = before.given().equals(taken.given()) || taken.given().isEmpty() ? before.correction() : taken.given();
        return new MarkedAnswer(pupilId, taken.question(), before.state(), before.given(), correction, before.how(), before.cause());
    }
}
