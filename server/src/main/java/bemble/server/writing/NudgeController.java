package bemble.server.writing;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What comes next on a paper, as much of it as is asked for. */
@RestController
class NudgeController {
    /** How much a nudge gives away. */
    enum Size {
        SQUARE,
        QUESTION,
        FIGURE
    }

    /** What comes next on a paper: the square, the question or the figure. */
    @PostMapping("/api/nudge")
    NudgeView nudge(@Valid @RequestBody MarkRequest request, @RequestParam(defaultValue = "SQUARE") Size size) {
        NudgeView next = NudgeView.of(request);
        return switch (size) {
            case SQUARE -> next.squareAlone();
            case QUESTION -> next.withoutFigure();
            case FIGURE -> next;
        };
    }
}
