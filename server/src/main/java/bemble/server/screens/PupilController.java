package bemble.server.screens;

import bemble.core.problem.Refusal;
import bemble.server.account.Attempts;
import bemble.server.faults.Missing;
import bemble.server.ids.EntryId;
import bemble.server.ids.PupilId;
import bemble.server.limits.Limits;
import bemble.server.log.papers.AttemptView;
import bemble.server.log.papers.DoneFigures;
import bemble.server.log.papers.KeptFigures;
import bemble.server.screens.ScreenViews.DoorView;
import bemble.server.screens.ScreenViews.InView;
import bemble.server.screens.ScreenViews.OwnSet;
import bemble.server.screens.VisitService.Visitor;
import bemble.server.writing.FigureRequest;
import bemble.server.writing.MarkRequest;
import bemble.server.writing.NudgeView;
import bemble.server.writing.PaperView;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.util.WebUtils;

/**
 * Where pupils come in and write. They have no account: the code and their name let them in, and this device is
 * remembered until it leaves; they see their own papers and nothing else.
 */
@RestController
@RequestMapping("/api/in")
class PupilController {
    private static final String VISITOR = "pupil";
    private static final String DEVICE = "bemble-device";
    private final VisitService visits;
    private final TakingIn taking;
    private final Attempts attempts;

    PupilController(VisitService visits, TakingIn taking, Attempts attempts) {
        this.visits = visits;
        this.taking = taking;
        this.attempts = attempts;
    }

    record DoorCode(
            @NotNull(message = "Type the code on the board.") @Size(max = Limits.CODE_LETTERS, message = "A code is shorter than this.") String code) {}

    /** @param digits the few digits that go with the name, where the teacher wants them */
    record Came(
            @NotNull(message = "Type the code on the board.") @Size(max = Limits.CODE_LETTERS, message = "A code is shorter than this.") String code,
            @NotNull(message = "Pick your name.") PupilId pupilId,
            @Size(max = Limits.PUPIL_DIGITS, message = "These are more digits than anybody has.") @Nullable String digits) {}

    /**
     * Who is in at this device.
     *
     * @param onTheWay how much of what was written on it has not been taken yet
     */
    @GetMapping
    InView state(HttpServletRequest request, @RequestParam(defaultValue = "0") int onTheWay) {
        try {
            Optional<Visitor> visitor = known(request);
            visitor.ifPresent(each -> visits.heard(each, onTheWay));
            return new InView(visitor.map(visits::own).orElse(null));
        } catch (Missing gone) {
            return new InView(null);
        }
    }

    /** The names behind a code. */
    @PostMapping("/door")
    DoorView door(@Valid @RequestBody DoorCode door, HttpServletRequest request) {
        return guarded(attempts.code(request), () -> visits.door(door.code()));
    }

    /** Comes in with a code and a name. */
    @PostMapping
    InView comeIn(@Valid @RequestBody Came came, HttpServletRequest request, HttpServletResponse response) {
        String device = device(request, response);
        guarded(attempts.code(request), () -> visits.requireOpen(came.code()));
        Visitor visitor =
                guarded(attempts.digits(came.code().strip().toUpperCase(Locale.ROOT), came.pupilId(), request),
                        () -> visits.comeIn(came.code(), came.pupilId(), came.digits(), device));
        // A session that somebody else may have begun on this device is not gone on with under its old number.
        request.getSession();
        request.changeSessionId();
        request.getSession().setAttribute(VISITOR, visitor);
        return new InView(visits.own(visitor));
    }

    /** A number by which a device is known again, also after Bemble was started anew. */
    private static String device(HttpServletRequest request, HttpServletResponse response) {
        Cookie known = WebUtils.getCookie(request, DEVICE);
        if (known != null && known.getValue().matches("[0-9a-f-]{36}")) {
            return known.getValue();
        }
        String made = UUID.randomUUID().toString();
        response.addHeader(HttpHeaders.SET_COOKIE,
                ResponseCookie.from(DEVICE, made).path("/api/in").httpOnly(true).sameSite("Lax")
                        .maxAge(Duration.ofDays(365)).build().toString());
        return made;
    }

    /** Wrong codes and digits are slowed down, as wrong passwords are. */
    private static <T> T guarded(Attempts.Try counted, Supplier<T> way) {
        T found = way.get();
        counted.succeeded();
        return found;
    }

    /** Leaves this device. */
    @PostMapping("/leave")
    InView leave(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.removeAttribute(VISITOR);
        }
        return new InView(null);
    }

    /** A paper of the pupil who is in. */
    @GetMapping("/papers/{id}")
    AttemptView paper(HttpServletRequest request, @PathVariable EntryId id) {
        return visits.paper(visitor(request), id);
    }

    /** The squares of an own paper. */
    @GetMapping("/papers/{id}/squares")
    PaperView squares(HttpServletRequest request, @PathVariable EntryId id) {
        return PaperView.of(visits.paper(visitor(request), id).work().order(), false, false);
    }

    /** What stands on a paper so far. */
    record SoFar(
            @NotNull(message = "Say what stands on the paper; an empty list where nothing does.") @Size(max = Limits.FIGURES, message = "So many figures do not stand on one paper; {max} are taken at most.") List<@Valid @NotNull(message = "A figure is missing here.") FigureRequest> written) {}

    /** The square that comes next on an own paper, where the teacher wants pupils to be led. */
    @PostMapping("/papers/{id}/next")
    NudgeView next(HttpServletRequest request, @PathVariable EntryId id, @Valid @RequestBody SoFar soFar) {
        AttemptView paper = visits.paper(visitor(request), id);
        if (!paper.settings().led()) {
            throw Refusal.of("", "On this paper nobody is led from square to square.");
        }
        return NudgeView.of(MarkRequest.soFar(paper.work().order(), soFar.written())).squareAlone();
    }

    /** Adds what the pupil wrote since. */
    @PostMapping("/papers/{id}/figures")
    KeptFigures write(HttpServletRequest request, @PathVariable EntryId id, @Valid @RequestBody DoneFigures done) {
        try {
            return new KeptFigures(visits.write(visitor(request), id, done));
        } catch (OtherDevice other) {
            throw Refusal.of("", other.getMessage());
        }
    }

    /** How much was done on a paper, as a device knows it. */
    record WrittenHere(@NotNull(message = "Say on which paper.") EntryId paper,
            @Min(value = 0, message = "What was done is counted from 0.") int done) {}

    /** @param written how much was done on each paper, so that nothing is handed in that has not come yet; may be left out */
    record HandingIn(
            @Size(max = Limits.QUESTIONS, message = "No set has so many questions.") @Nullable List<@Valid @NotNull(message = "A paper is missing here.") WrittenHere> written) {}

    /** Hands everything in. */
    @PostMapping("/hand-in")
    OwnSet handIn(HttpServletRequest request, @Valid @RequestBody(required = false) @Nullable HandingIn handing) {
        Visitor visitor = visitor(request);
        List<WrittenHere> written = handing == null || handing.written() == null ? List.of() : handing.written();
        visits.handIn(visitor, written.stream()
                .collect(Collectors.toMap(WrittenHere::paper, WrittenHere::done, Math::max)));
        taking.soon(visitor.sessionId(), visitor.pupilId());
        return visits.own(visitor);
    }

    /** Who is in at this device; whoever only asks gets no session for it. */
    private static Optional<Visitor> known(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session == null ? Optional.empty() : Optional.ofNullable((Visitor) session.getAttribute(VISITOR));
    }

    private static Visitor visitor(HttpServletRequest request) {
        return known(request)
                .orElseThrow(() -> new Missing("You are not in. Type the code on the board and pick your name."));
    }
}
