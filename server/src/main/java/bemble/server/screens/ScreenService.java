package bemble.server.screens;

import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.faults.Missing;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.SessionId;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.limits.Limits;
import bemble.server.log.papers.PupilPapers;
import bemble.server.marking.taken.TakenPapers;
import bemble.server.screens.ScreenViews.PlaceView;
import bemble.server.screens.ScreenViews.SessionLine;
import bemble.server.screens.ScreenViews.SessionView;
import bemble.server.web.ListPage;
import bemble.server.web.SearchWords;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** Opens sets for classes, and tells who watches where each pupil is. */
@Service
class ScreenService {
    /** Letters that nobody takes for another when they are called out or read from a board. */
    private static final String LETTERS = "ABCDEFGHJKMNPRTUVWXY";
    private static final int CODE_LETTERS = 5;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final ScreenMapper screens;
    private final ClassService classes;
    private final TakenPapers piles;
    private final PupilPapers papers;
    private final HeardFrom heard;
    private final ApplicationEventPublisher events;
    private final ObjectMapper json;
    private final Clock clock;

    ScreenService(ScreenMapper screens, ClassService classes, TakenPapers piles, PupilPapers papers, HeardFrom heard,
            ApplicationEventPublisher events, ObjectMapper json, Clock clock) {
        this.screens = screens;
        this.classes = classes;
        this.piles = piles;
        this.papers = papers;
        this.heard = heard;
        this.events = events;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Sessions newest first, those whose title, class or code has the words.
     *
     * @param classId of this class alone; of all where it is null
     */
    ListPage<SessionLine> search(TeacherId teacherId, ClassId classId, String words, int offset, int most) {
        String pattern = SearchWords.pattern(words);
        return new ListPage<>(
                screens.search(teacherId, classId, pattern, offset, most).stream()
                        .map(each -> new SessionLine(each.id(), each.title(),
                                each.className(), each.code(), each.endedAt() != null, each.openedAt(), each.cameIn(),
                                each.handedIn(), each.places()))
                        .toList(),
                screens.count(teacherId, classId, pattern));
    }

    /**
     * Opens a set for a class, or for some of its pupils.
     *
     * @param pupilIds for whom; everybody where it is empty
     */
    @Transactional
    SessionView open(TeacherId teacherId, ClassId classId, SetId setId, List<PupilId> pupilIds, boolean led,
            boolean asksDigits) {
        if (screens.countOpen(teacherId) >= Limits.OPEN_SETS) {
            throw Refusal.of("setId", "You have " + Limits.OPEN_SETS + " sets open at screens. End one of them first.");
        }
        SchoolClass schoolClass = classes.find(teacherId, classId);
        List<Pupil> pupils = schoolClass.pupils().stream()
                .filter(pupil -> pupilIds.isEmpty() || pupilIds.contains(pupil.id())).toList();
        if (pupils.isEmpty()) {
            throw Refusal.of("pupils", "There is nobody to open it for. Type the pupils' names under Class first.");
        }
        TakenPapers.Pile pile = piles.begin(teacherId, classId, setId);
        StoredSession session =
                screens.add(new StoredSession(new SessionId(0), teacherId, classId, pile.id(), newCode(), pile.title(),
                        json.writeValueAsString(pile.problems()), led, asksDigits, now(), null, setId));
        pupils.forEach(pupil -> screens.addPlace(session.id(), pupil.id(), digits()));
        return view(session);
    }

    private String newCode() {
        String code;
        do {
            code = RANDOM.ints(CODE_LETTERS, 0, LETTERS.length()).mapToObj(i -> LETTERS.substring(i, i + 1))
                    .collect(Collectors.joining());
        } while (screens.open(code).isPresent());
        return code;
    }

    private static String digits() {
        return String.valueOf(100 + RANDOM.nextInt(900));
    }

    SessionView view(TeacherId teacherId, SessionId id) {
        return view(screens.find(teacherId, id)
                .orElseThrow(() -> new Missing("This set is not open at screens any more. The list shows what is.")));
    }

    SessionView view(StoredSession session) {
        SchoolClass schoolClass = classes.find(session.teacherId(), session.classId());
        Map<PupilId, StoredPlace> places = screens.places(session.id()).stream()
                .collect(Collectors.toMap(StoredPlace::pupilId, Function.identity()));
        return new SessionView(session.id(), session.title(), session.classId(), schoolClass.name(),
                session.markingId(), session.code(),
                session.led(), session.asksDigits(), problems(session).size(), session.openedAt(),
                session.endedAt() != null,
                Stream.concat(schoolClass.pupils().stream().filter(pupil -> places.containsKey(pupil.id())),
                        // Who has left the class since and has written is still there to be seen.
                        places.values().stream()
                                .filter(place -> place.run() != null && schoolClass.pupil(place.pupilId()).isEmpty())
                                .flatMap(place -> classes.pupil(session.teacherId(), place.pupilId()).stream()))
                        .map(pupil -> view(pupil, Objects.requireNonNull(places.get(pupil.id())), session)).toList());
    }

    private PlaceView view(Pupil pupil, StoredPlace place, StoredSession session) {
        PlaceState state = place.isCollected(session.endedAt()) ? PlaceState.COLLECTED
                : place.handedInAt() != null ? PlaceState.HANDED_IN
                        : place.run() != null ? PlaceState.WRITING : PlaceState.AWAY;
        return new PlaceView(pupil, place.digits(), state, place.atQuestion(), place.begunQuestions().size(),
                place.seenAt(), place.run(),
                state == PlaceState.WRITING && heard.isOnTheWay(session.id(), pupil.id()), place.otherDeviceAt());
    }

    List<Problem> problems(StoredSession session) {
        return json.readValue(session.problems(), new TypeReference<List<Problem>>() {});
    }

    /** Ends a set's code; what was written and not handed in is collected, and counts as handed in. */
    @Transactional
    SessionView end(TeacherId teacherId, SessionId id) {
        if (view(teacherId, id).ended()) {
            return view(teacherId, id);
        }
        OffsetDateTime now = now();
        // Who writes just now holds their place: it is waited for, and whoever comes after finds the set ended.
        List<StoredPlace> places = screens.takeAll(id);
        screens.end(teacherId, id, now);
        places.stream().filter(StoredPlace::isToCollect).forEach(written -> screens.change(written.handedIn(now)));
        events.publishEvent(new SessionChanged(id));
        return view(teacherId, id);
    }

    /**
     * Opens a set again that was ended by mistake, under its code; who was collected goes on, and what was collected of them is taken
     * out of the pile where nobody has changed it since.
     *
     * @throws Refusal where another set has its code by now
     */
    @Transactional
    SessionView reopen(TeacherId teacherId, SessionId id) {
        view(teacherId, id);
        List<StoredPlace> places = screens.takeAll(id);
        StoredSession session = screens.find(teacherId, id).orElseThrow();
        if (session.endedAt() == null) {
            return view(session);
        }
        if (screens.open(session.code()).isPresent()) {
            throw Refusal.of("", "Another set is open under this code by now. Open this one anew.");
        }
        screens.end(teacherId, id, null);
        for (StoredPlace place : places) {
            if (place.isCollected(session.endedAt())) {
                screens.change(place.handedIn(null));
                piles.takeOut(teacherId, session.markingId(), place.pupilId(),
                        papers.answers(teacherId, place.papers()));
            }
        }
        events.publishEvent(new SessionChanged(id));
        return view(teacherId, id);
    }

    /** Gives a paper that was handed in back, to be gone on with; its first answers stay what they were. */
    @Transactional
    SessionView giveBack(TeacherId teacherId, SessionId id, PupilId pupilId) {
        return changed(teacherId, id, pupilId, place -> place.handedIn(null));
    }

    /** Lets another device write under a name: the next that writes keeps it. */
    @Transactional
    SessionView forAnyDevice(TeacherId teacherId, SessionId id, PupilId pupilId) {
        return changed(teacherId, id, pupilId, StoredPlace::forAnyDevice);
    }

    private SessionView changed(TeacherId teacherId, SessionId id, PupilId pupilId, UnaryOperator<StoredPlace> change) {
        view(teacherId, id);
        StoredPlace place = screens.take(id, pupilId).orElseThrow(() -> new Missing(
                "This set was not opened for that pupil. Load the page again to see who writes it."));
        screens.change(change.apply(place));
        events.publishEvent(new SessionChanged(id));
        return view(teacherId, id);
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
