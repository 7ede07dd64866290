package bemble.server.screens;

import bemble.server.account.SignedIn;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.SessionId;
import bemble.server.ids.SetId;
import bemble.server.limits.Limits;
import bemble.server.screens.ScreenViews.SessionLine;
import bemble.server.screens.ScreenViews.SessionView;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Sets that the teacher signed in has opened for a class. */
@RestController
@RequestMapping("/api/screens")
class ScreenController {
    private final ScreenService screens;
    private final TakingIn taking;
    private final Watching watching;
    private final SchoolNetwork network;

    ScreenController(ScreenService screens, TakingIn taking, Watching watching, SchoolNetwork network) {
        this.screens = screens;
        this.taking = taking;
        this.watching = watching;
        this.network = network;
    }

    /**
     * @param pupils for whom; left out for the whole class
     * @param led whether the square that comes next is shown
     * @param asksDigits whether a few digits go with each name; left out, they do as soon as other devices reach Bemble
     */
    record OpenedSet(@NotNull(message = "Choose a class.") ClassId classId,
            @NotNull(message = "Choose a set.") SetId setId,
            @Size(max = Limits.PUPILS, message = "These are more pupils than a class has.") @Nullable List<@NotNull(message = "A pupil is missing.") PupilId> pupils,
            @NotNull boolean led, @Nullable Boolean asksDigits) {}

    /** @param address what pupils open on their devices; left out where only this computer reaches Bemble */
    record PupilsAddress(@Nullable String address) {}

    /** The address at which pupils come in. */
    @GetMapping("/address")
    PupilsAddress address() {
        return new PupilsAddress(network.address().orElse(null));
    }

    /** Newest first; how many there are in all stands in the header {@code X-Total-Count}. */
    @GetMapping
    ResponseEntity<List<SessionLine>> all(@AuthenticationPrincipal SignedIn teacher,
            @RequestParam(required = false) ClassId classId,
            @RequestParam(defaultValue = "") String search, @RequestParam(defaultValue = "0") @Min(0) int offset,
            @RequestParam(defaultValue = "50") @Min(1) @Max(Limits.ROWS_READ) int most) {
        return screens.search(teacher.id(), classId, search, offset, most).answer();
    }

    /** Opens a set for a class. */
    @PostMapping
    SessionView open(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody OpenedSet opened) {
        return screens.open(teacher.id(), opened.classId(), opened.setId(),
                opened.pupils() == null ? List.of() : opened.pupils(),
                opened.led(), opened.asksDigits() == null ? network.address().isPresent() : opened.asksDigits());
    }

    /** Who is in, at which question, and who has handed in. */
    @GetMapping("/{id}")
    SessionView one(@AuthenticationPrincipal SignedIn teacher, @PathVariable SessionId id) {
        return screens.view(teacher.id(), id);
    }

    /** How it stands, sent again after each change, as server-sent events. */
    @GetMapping(value = "/{id}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    @ApiResponse(responseCode = "200", content = @Content(mediaType = MediaType.TEXT_EVENT_STREAM_VALUE, schema = @Schema(implementation = SessionView.class)))
    SseEmitter live(@AuthenticationPrincipal SignedIn teacher, @PathVariable SessionId id) {
        screens.view(teacher.id(), id);
        return watching.watch(id, () -> screens.view(teacher.id(), id));
    }

    /** Ends the code: nobody comes in or writes any more. */
    @PostMapping("/{id}/end")
    SessionView end(@AuthenticationPrincipal SignedIn teacher, @PathVariable SessionId id) {
        SessionView ended = screens.end(teacher.id(), id);
        ended.places().stream().filter(place -> place.state() == PlaceState.COLLECTED)
                .forEach(place -> taking.later(id, place.pupil().id()));
        return ended;
    }

    /** Opens a set again that was ended by mistake. */
    @PostMapping("/{id}/reopen")
    SessionView reopen(@AuthenticationPrincipal SignedIn teacher, @PathVariable SessionId id) {
        return screens.reopen(teacher.id(), id);
    }

    /** Lets another device write under a pupil's name: the next that writes keeps it. */
    @PostMapping("/{id}/pupils/{pupil}/device")
    SessionView forAnyDevice(@AuthenticationPrincipal SignedIn teacher, @PathVariable SessionId id,
            @PathVariable PupilId pupil) {
        return screens.forAnyDevice(teacher.id(), id, pupil);
    }

    /** Gives a paper that was handed in back. */
    @PostMapping("/{id}/pupils/{pupil}/back")
    SessionView giveBack(@AuthenticationPrincipal SignedIn teacher, @PathVariable SessionId id,
            @PathVariable PupilId pupil) {
        return screens.giveBack(teacher.id(), id, pupil);
    }
}
