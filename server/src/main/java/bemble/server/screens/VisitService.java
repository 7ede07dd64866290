package bemble.server.screens;

import bemble.core.problem.Refusal;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.faults.Missing;
import bemble.server.ids.EntryId;
import bemble.server.ids.PupilId;
import bemble.server.ids.SessionId;
import bemble.server.log.papers.AttemptView;
import bemble.server.log.papers.DoneFigures;
import bemble.server.log.papers.PupilPapers;
import bemble.server.marking.feedback.FeedbackService;
import bemble.server.screens.ScreenViews.DoorView;
import bemble.server.screens.ScreenViews.OwnQuestion;
import bemble.server.screens.ScreenViews.OwnSet;
import bemble.server.screens.ScreenViews.PlaceView;
import bemble.server.screens.ScreenViews.SessionView;
import bemble.server.style.StyleService;
import java.io.Serializable;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lets pupils in at their devices, and keeps what they write. */
@Service
class VisitService {
    private final ScreenMapper screens;
    private final ScreenService sessions;
    private final ClassService classes;
    private final PupilPapers papers;
    private final StyleService styles;
    private final HeardFrom heard;
    private final FeedbackService feedback;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    VisitService(ScreenMapper screens, ScreenService sessions, ClassService classes, PupilPapers papers,
            StyleService styles, HeardFrom heard, FeedbackService feedback, ApplicationEventPublisher events,
            Clock clock) {
        this.heard = heard;
        this.feedback = feedback;
        this.screens = screens;
        this.sessions = sessions;
        this.classes = classes;
        this.papers = papers;
        this.styles = styles;
        this.events = events;
        this.clock = clock;
    }

    /** A pupil who has come in at a device. */
    record Visitor(SessionId sessionId, PupilId pupilId, String device) implements Serializable {}

    /**
     * The names of those a set is opened for.
     *
     * @throws Refusal where no set is open under the code
     */
    DoorView door(String code) {
        StoredSession session = byCode(code);
        SessionView view = sessions.view(session);
        return new DoorView(session.code(), session.title(), view.className(), session.asksDigits(),
                view.places().stream().map(PlaceView::pupil).toList());
    }

    /**
     * Whether a set is open under a code.
     *
     * @throws Refusal where none is
     */
    boolean requireOpen(String code) {
        return byCode(code).endedAt() == null;
    }

    private StoredSession byCode(String code) {
        String plain = code == null ? "" : code.strip().toUpperCase(Locale.ROOT);
        return screens.open(plain).orElseThrow(() -> Refusal.of("code",
                "No set is open under this code. Look at the board and type its letters again."));
    }

    /**
     * Lets a pupil in, and gives them their papers where they have none yet.
     *
     * @throws Refusal where the code, the name or the digits do not belong together
     */
    @Transactional
    Visitor comeIn(String code, PupilId pupilId, @Nullable String digits, String device) {
        StoredSession session = byCode(code);
        StoredPlace place = screens.take(session.id(), pupilId)
                .orElseThrow(() -> Refusal.of("pupilId", "This name is not on the list. Pick yours from it."));
        if (session.asksDigits() && !place.digits().equals(digits == null ? "" : digits.strip())) {
            throw Refusal.of("digits", "These digits do not go with this name. Ask for yours and type them again.");
        }
        String run = place.run();
        if (run == null) {
            String name = classes.find(session.teacherId(), session.classId()).pupil(pupilId)
                    .orElseThrow(VisitService::gone).name();
            run = papers
                    .begin(session.teacherId(), pupilId, name + ", " + session.title(),
                            sessions.problems(session),
                            styles.of(session.teacherId()),
                            session.led())
                    .toString();
        }
        screens.change(place.cameIn(run, now()));
        events.publishEvent(new SessionChanged(session.id()));
        return new Visitor(session.id(), pupilId, device);
    }

    private record In(StoredSession session, StoredPlace place, Pupil pupil) {}

    private In in(Visitor visitor) {
        StoredSession session = screens.byId(visitor.sessionId()).orElseThrow(VisitService::gone);
        StoredPlace place = screens.place(visitor.sessionId(), visitor.pupilId()).filter(each -> each.run() != null)
                .orElseThrow(VisitService::gone);
        Pupil pupil = classes.pupil(session.teacherId(), visitor.pupilId()).orElseThrow(VisitService::gone);
        return new In(session, place, pupil);
    }

    OwnSet own(Visitor visitor) {
        In in = in(visitor);
        Set<Integer> begun = in.place().begunQuestions();
        return new OwnSet(in.pupil().name(), in.session().title(), in.session().led(), in.place().handedInAt() != null,
                in.session().endedAt() != null, in.place().isCollected(in.session().endedAt()),
                says(in),
                papers.of(in.session().teacherId(), in.place().papers()).stream()
                        .map(paper -> new OwnQuestion(paper.id(), paper.question(),
                                styles.of(in.session().teacherId()).problem(paper.problem()),
                                begun.contains(paper.question())))
                        .toList());
    }

    /** What a child is told whose papers are in the pile. */
    private @Nullable String says(In in) {
        StoredSession session = in.session();
        if (in.place().handedInAt() == null || !screens.isTaken(session.id(), in.pupil().id())) {
            return null;
        }
        String words = feedback.to(session.teacherId(), session.markingId(), in.pupil().id());
        return words.isEmpty() ? null : words;
    }

    private StoredPlace place(Visitor visitor) {
        return screens.place(visitor.sessionId(), visitor.pupilId()).filter(each -> each.run() != null)
                .orElseThrow(VisitService::gone);
    }

    private ScreenMapper.OpenTo session(Visitor visitor) {
        return screens.openTo(visitor.sessionId()).orElseThrow(VisitService::gone);
    }

    private int question(StoredPlace place, EntryId paperId) {
        return papers.question(paperId, place.papers())
                .orElseThrow(() -> new Missing("This paper is not yours. Go back to your questions."));
    }

    AttemptView paper(Visitor visitor, EntryId paperId) {
        question(place(visitor), paperId);
        return papers.one(session(visitor).teacherId(), paperId);
    }

    /**
     * Keeps what was done on a paper; this is asked for with every figure, so it reads no more than it must.
     *
     * @throws Refusal where the papers are handed in, the set has been ended, or another device writes under this name
     */
    @Transactional(noRollbackFor = OtherDevice.class)
    int write(Visitor visitor, EntryId paperId, DoneFigures done) {
        ScreenMapper.OpenTo session = session(visitor);
        int question = question(place(visitor), paperId);
        // Kept from others for as short as can be: papers written at the same time wait for each other here.
        StoredPlace place = screens.take(visitor.sessionId(), visitor.pupilId()).orElseThrow(VisitService::gone);
        // Asked once more: while this waited, the papers may have been handed in, or the set ended.
        requireOpen(place, session(visitor));
        if (place.device() != null && !place.device().equals(visitor.device())) {
            screens.otherDevice(visitor.sessionId(), visitor.pupilId(), now());
            events.publishEvent(new SessionChanged(visitor.sessionId()));
            throw new OtherDevice();
        }
        int count = papers.add(session.teacherId(), paperId, done);
        screens.change(place.wrote(question, visitor.device(), now()));
        heard.wrote(visitor.sessionId(), visitor.pupilId());
        events.publishEvent(new SessionChanged(visitor.sessionId()));
        return count;
    }

    private static void requireOpen(StoredPlace place, ScreenMapper.OpenTo session) {
        if (session.endedAt() != null) {
            throw Refusal.of("", "Your teacher has ended this set. What you wrote until then is handed in.");
        }
        if (place.handedInAt() != null) {
            throw Refusal.of("", "This was handed in already. Ask for it back if you want to go on.");
        }
    }

    /**
     * Hands a pupil's papers in: what stands on them is kept, and they are on their way to the teacher's pile.
     *
     * @param written how much was done on each paper, as the device knows it that hands in
     * @throws Refusal where something that the device knows of has not come here
     */
    @Transactional
    void handIn(Visitor visitor, Map<EntryId, Integer> written) {
        in(visitor);
        StoredPlace place = screens.take(visitor.sessionId(), visitor.pupilId()).orElseThrow(VisitService::gone);
        requireOpen(place, session(visitor));
        written.forEach((paper, done) -> {
            question(place, paper);
            if (papers.done(session(visitor).teacherId(), paper) < done) {
                throw Refusal.of("written",
                        "Some of what you wrote is still on its way. Wait a moment and hand in again.");
            }
        });
        screens.change(place.handedIn(now()));
        heard.wrote(visitor.sessionId(), visitor.pupilId());
        events.publishEvent(new SessionChanged(visitor.sessionId()));
    }

    /** A device says that it is there, and how much of what was written on it has not come here yet. */
    void heard(Visitor visitor, int onTheWay) {
        if (heard.from(visitor.sessionId(), visitor.pupilId(), onTheWay)) {
            events.publishEvent(new SessionChanged(visitor.sessionId()));
        }
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }

    private static Missing gone() {
        return new Missing("You are not in any more. Type the code again and pick your name.");
    }
}
