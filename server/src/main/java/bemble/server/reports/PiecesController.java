package bemble.server.reports;

import bemble.server.account.SignedIn;
import bemble.server.ids.PupilId;
import bemble.server.reports.PiecesViews.NewJudgement;
import bemble.server.reports.PiecesViews.PiecesView;
import jakarta.validation.Valid;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Pieces of work to judge together. */
@RestController
@RequestMapping("/api/pupils/{id}/work")
class PiecesController {
    private final Pieces pieces;

    PiecesController(Pieces pieces) {
        this.pieces = pieces;
    }

    /** Pieces of unaided work, with what was said of each. */
    @GetMapping
    PiecesView pieces(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id) {
        return pieces.of(teacher.id(), id);
    }

    /** Keeps what somebody says of a piece of work. */
    @PostMapping
    PiecesView judge(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id,
            @Valid @RequestBody NewJudgement judgement) {
        return pieces.judge(teacher.id(), id, judgement);
    }
}
