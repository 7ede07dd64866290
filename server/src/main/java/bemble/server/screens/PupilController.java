package bemble.server.screens;

import bemble.core.problem.Refusal;
import bemble.server.account.Attempts;
import bemble.server.faults.Missing;
import bemble.server.log.AttemptView;
import bemble.server.log.DoneFigures;
import bemble.server.log.KeptFigures;
import bemble.server.screens.ScreenService.Visitor;
import bemble.server.screens.ScreenViews.DoorView;
import bemble.server.screens.ScreenViews.InView;
import bemble.server.screens.ScreenViews.OwnSet;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.function.Supplier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * Where pupils come in and write. They have no account: the code and their name let them in, and this device is
 * remembered until it leaves; they see their own papers and nothing else.
 */
@RestController
@RequestMapping("/api/in")
class PupilController {
    private static final String VISITOR = "pupil";
    private final ScreenService screens;
    private final Attempts attempts;

    PupilController(ScreenService screens, Attempts attempts) {
        this.screens = screens;
        this.attempts = attempts;
    }

    record DoorCode(@NotNull(message = "Type the code on the board.") @Size(max = 20, message = "A code is shorter than this.") String code) {}

    /** @param digits the few digits that go with the name, where the teacher wants them */
    record Came(@NotNull(message = "Type the code on the board.") @Size(max = 20, message = "A code is shorter than this.") String code,
                @NotNull(message = "Pick your name.") Long pupilId,
                @Size(max = 10, message = "These are more digits than anybody has.") String digits) {}

    @GetMapping
    InView state(HttpSession session) {
        Visitor visitor = (Visitor) session.getAttribute(VISITOR);
        try {
            return new InView(visitor == null ? null : screens.own(visitor));
        } catch (Missing gone) {
            return new InView(null);
        }
    }

    /** The names behind a code. */
    @PostMapping("/door")
    DoorView door(@Valid @RequestBody DoorCode door, HttpServletRequest request) {
        return guarded(door.code(), request, () -> screens.door(door.code()));
    }

    @PostMapping
    InView comeIn(@Valid @RequestBody Came came, HttpServletRequest request) {
        Visitor visitor = guarded(came.code() + " " + came.pupilId(), request,
                () -> screens.comeIn(came.code(), came.pupilId(), came.digits()));
        request.getSession().setAttribute(VISITOR, visitor);
        return new InView(screens.own(visitor));
    }

    /** Wrong codes and digits are slowed down, as wrong passwords are. */
    private <T> T guarded(String tried, HttpServletRequest request, Supplier<T> way) {
        String name = "at the door " + tried.strip().toUpperCase();
        String address = request.getRemoteAddr();
        attempts.begin(name, address, "This was wrong too often.", "look at the board");
        try {
            T found = way.get();
            attempts.succeeded(name, address);
            return found;
        } catch (Refusal wrong) {
            attempts.failed(name, address);
            throw wrong;
        }
    }

    @PostMapping("/leave")
    InView leave(HttpSession session) {
        session.removeAttribute(VISITOR);
        return new InView(null);
    }

    @GetMapping("/papers/{id}")
    AttemptView paper(HttpSession session, @PathVariable long id) {
        return screens.paper(visitor(session), id);
    }

    @PostMapping("/papers/{id}/figures")
    KeptFigures write(HttpSession session, @PathVariable long id, @Valid @RequestBody DoneFigures done) {
        return new KeptFigures(screens.write(visitor(session), id, done));
    }

    @PostMapping("/hand-in")
    OwnSet handIn(HttpSession session) {
        return screens.handIn(visitor(session));
    }

    private static Visitor visitor(HttpSession session) {
        Visitor visitor = (Visitor) session.getAttribute(VISITOR);
        if (visitor == null) {
            throw new Missing("You are not in. Type the code on the board and pick your name.");
        }
        return visitor;
    }
}
