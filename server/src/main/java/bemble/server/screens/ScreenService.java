package bemble.server.screens;

import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.faults.Missing;
import bemble.server.log.papers.AttemptView;
import bemble.server.log.papers.DoneFigures;
import bemble.server.log.papers.PupilPapers;
import bemble.server.marking.taken.TakenPapers;
import bemble.server.screens.ScreenViews.DoorView;
import bemble.server.screens.ScreenViews.OwnQuestion;
import bemble.server.screens.ScreenViews.OwnSet;
import bemble.server.screens.ScreenViews.PlaceView;
import bemble.server.screens.ScreenViews.SessionLine;
import bemble.server.screens.ScreenViews.SessionView;
import bemble.server.style.StyleService;
import bemble.server.web.Page;
import bemble.server.web.SearchWords;
import java.io.Serializable;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** Opens sets for classes, lets pupils in, and takes what they hand in into a pile. */
@Service
class ScreenService {
    /** Letters that nobody takes for another when they are called out or read from a board. */
    private static final String LETTERS = "ABCDEFGHJKMNPRTUVWXY";
    private static final int CODE_LETTERS = 5;
    private static final int MOST_OPEN = 12;
    private static final SecureRandom RANDOM = new SecureRandom();

    private final ScreenMapper screens;
    private final ClassService classes;
    private final TakenPapers piles;
    private final PupilPapers papers;
    private final StyleService styles;
    private final Watching watching;
    private final ObjectMapper json;
    private final Clock clock;

    ScreenService(ScreenMapper screens, ClassService classes, TakenPapers piles, PupilPapers papers,
            StyleService styles,
            Watching watching, ObjectMapper json, Clock clock) {
        this.screens = screens;
        this.classes = classes;
        this.piles = piles;
        this.papers = papers;
        this.styles = styles;
        this.watching = watching;
        this.json = json;
        this.clock = clock;
    }

    /** A pupil who has come in at a device. */
    record Visitor(long sessionId, long pupilId, String device) implements Serializable {}

    /**
     * Sessions newest first, those whose title, class or code has the words.
     *
     * @param classId of this class alone; of all where it is null
     */
    Page<SessionLine> search(long teacherId, Long classId, String words, int offset, int most) {
        String pattern = SearchWords.pattern(words);
        return new Page<>(
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
    SessionView open(long teacherId, long classId, long setId, List<Long> pupilIds, boolean led, boolean asksDigits) {
        if (screens.countOpen(teacherId) >= MOST_OPEN) {
            throw Refusal.of("setId", "You have " + MOST_OPEN + " sets open at screens. End one of them first.");
        }
        SchoolClass schoolClass = classes.find(teacherId, classId);
        List<Pupil> pupils = schoolClass.pupils().stream()
                .filter(pupil -> pupilIds.isEmpty() || pupilIds.contains(pupil.id())).toList();
        if (pupils.isEmpty()) {
            throw Refusal.of("pupils", "There is nobody to open it for. Type the pupils' names under Class first.");
        }
        TakenPapers.Pile pile = piles.begin(teacherId, classId, setId);
        StoredSession session = screens.add(new StoredSession(0, teacherId, classId, pile.id(), newCode(), pile.title(),
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

    SessionView view(long teacherId, long id) {
        return view(screens.find(teacherId, id)
                .orElseThrow(() -> new Missing("This set is not open at screens any more. The list shows what is.")));
    }

    private SessionView view(StoredSession session) {
        SchoolClass schoolClass = classes.find(session.teacherId(), session.classId());
        Map<Long, StoredPlace> places = screens.places(session.id()).stream()
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
                        .map(pupil -> view(pupil, places.get(pupil.id()), session)).toList());
    }

    private static PlaceView view(Pupil pupil, StoredPlace place, StoredSession session) {
        String state = place.isCollected(session.endedAt()) ? "collected"
                : place.handedInAt() != null ? "handed-in" : place.run() != null ? "writing" : "away";
        return new PlaceView(pupil, place.digits(), state, place.atQuestion(), place.begunQuestions().size(),
                place.seenAt(), place.run(),
                place.otherDeviceAt());
    }

    private List<String> problems(StoredSession session) {
        return json.readValue(session.problems(), new TypeReference<List<String>>() {});
    }

    /** Ends a set's code; what was written and not handed in is collected, and counts as handed in. */
    @Transactional
    SessionView end(long teacherId, long id) {
        if (view(teacherId, id).ended()) {
            return view(teacherId, id);
        }
        OffsetDateTime now = now();
        screens.end(teacherId, id, now);
        for (StoredPlace place : screens.places(id)) {
            if (place.isToCollect()) {
                screens.take(id, place.pupilId()).filter(StoredPlace::isToCollect)
                        .ifPresent(written -> screens.change(written.handedIn(now)));
            }
        }
        watching.changed(id);
        return view(teacherId, id);
    }

    /** Gives a paper that was handed in back, to be gone on with; its first answers stay what they were. */
    @Transactional
    SessionView giveBack(long teacherId, long id, long pupilId) {
        view(teacherId, id);
        StoredPlace place = screens.take(id, pupilId).orElseThrow(ScreenService::gone);
        screens.change(place.handedIn(null));
        watching.changed(id);
        return view(teacherId, id);
    }

    /** Lets another device write under a name: the next that writes keeps it. */
    @Transactional
    SessionView forAnyDevice(long teacherId, long id, long pupilId) {
        view(teacherId, id);
        screens.change(screens.take(id, pupilId).orElseThrow(ScreenService::gone).forAnyDevice());
        watching.changed(id);
        return view(teacherId, id);
    }

    /**
     * The names of those a set is opened for.
     *
     * @throws Refusal where no set is open under the code
     */
    DoorView door(String code) {
        StoredSession session = byCode(code);
        SessionView view = view(session);
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
    Visitor comeIn(String code, long pupilId, String digits, String device) {
        StoredSession session = byCode(code);
        StoredPlace place = screens.take(session.id(), pupilId)
                .orElseThrow(() -> Refusal.of("pupilId", "This name is not on the list. Pick yours from it."));
        if (session.asksDigits() && !place.digits().equals(digits == null ? "" : digits.strip())) {
            throw Refusal.of("digits", "These digits do not go with this name. Ask for yours and type them again.");
        }
        String run = place.run();
        if (run == null) {
            String name = classes.find(session.teacherId(), session.classId()).pupil(pupilId)
                    .orElseThrow(ScreenService::gone).name();
            run = papers.begin(session.teacherId(), pupilId, name + ", " + session.title(), problems(session).stream()
                    .map(text -> ProblemText.read(text, 0, Punctuation.POINT)).toList(), styles.of(session.teacherId()),
                    session.led())
                    .toString();
        }
        screens.change(place.cameIn(run, now()));
        watching.changed(session.id());
        return new Visitor(session.id(), pupilId, device);
    }

    private static Missing gone() {
        return new Missing("You are not in any more. Type the code again and pick your name.");
    }

    private record In(StoredSession session, StoredPlace place, Pupil pupil) {}

    private In in(Visitor visitor) {
        StoredSession session = screens.byId(visitor.sessionId()).orElseThrow(ScreenService::gone);
        StoredPlace place = screens.place(visitor.sessionId(), visitor.pupilId()).filter(each -> each.run() != null)
                .orElseThrow(ScreenService::gone);
        Pupil pupil = classes.pupil(session.teacherId(), visitor.pupilId()).orElseThrow(ScreenService::gone);
        return new In(session, place, pupil);
    }

    OwnSet own(Visitor visitor) {
        In in = in(visitor);
        Set<Integer> begun = in.place().begunQuestions();
        return new OwnSet(in.pupil().name(), in.session().title(), in.session().led(), in.place().handedInAt() != null,
                in.session().endedAt() != null, in.place().isCollected(in.session().endedAt()),
                papers.of(in.session().teacherId(), in.place().run()).stream()
                        .map(paper -> new OwnQuestion(paper.id(), paper.question(),
                                styles.of(in.session().teacherId()).point().punctuation().write(paper.problem()),
                                begun.contains(paper.question())))
                        .toList());
    }

    private StoredPlace place(Visitor visitor) {
        return screens.place(visitor.sessionId(), visitor.pupilId()).filter(each -> each.run() != null)
                .orElseThrow(ScreenService::gone);
    }

    private ScreenMapper.OpenTo session(Visitor visitor) {
        return screens.openTo(visitor.sessionId()).orElseThrow(ScreenService::gone);
    }

    private int question(StoredPlace place, long paperId) {
        return papers.question(paperId, place.run())
                .orElseThrow(() -> new Missing("This paper is not yours. Go back to your questions."));
    }

    AttemptView paper(Visitor visitor, long paperId) {
        question(place(visitor), paperId);
        return papers.one(session(visitor).teacherId(), paperId);
    }

    /**
     * Keeps what was done on a paper; this is asked for with every figure, so it reads no more than it must.
     *
     * @throws Refusal where the papers are handed in, the set has been ended, or another device writes under this name
     */
    @Transactional(noRollbackFor = OtherDevice.class)
    int write(Visitor visitor, long paperId, DoneFigures done) {
        ScreenMapper.OpenTo session = session(visitor);
        StoredPlace before = place(visitor);
        requireOpen(before, session);
        int question = question(before, paperId);
        // Kept from others for as short as can be: papers written at the same time wait for each other here.
        StoredPlace place = screens.take(visitor.sessionId(), visitor.pupilId()).orElseThrow(ScreenService::gone);
        if (place.device() != null && !place.device().equals(visitor.device())) {
            screens.otherDevice(visitor.sessionId(), visitor.pupilId(), now());
            watching.changed(visitor.sessionId());
            throw new OtherDevice();
        }
        int count = papers.add(session.teacherId(), paperId, done);
        screens.change(place.wrote(question, visitor.device(), now()));
        watching.changed(visitor.sessionId());
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

    /** Hands a pupil's papers in: what stands on them is kept, and they are on their way to the teacher's pile. */
    @Transactional
    void handIn(Visitor visitor) {
        in(visitor);
        StoredPlace place = screens.take(visitor.sessionId(), visitor.pupilId()).orElseThrow(ScreenService::gone);
        requireOpen(place, session(visitor));
        screens.change(place.handedIn(now()));
        watching.changed(visitor.sessionId());
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
