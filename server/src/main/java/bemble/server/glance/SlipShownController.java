package bemble.server.glance;

import bemble.core.practice.SlipShown;
import bemble.core.problem.Operation;
import bemble.core.style.HouseStyle;
import bemble.server.account.SignedIn;
import bemble.server.faults.Missing;
import bemble.server.limits.Limits;
import bemble.server.rules.SchoolRules;
import bemble.server.style.StyleService;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Finds a question on which a slip can be looked at, where nobody's own is at hand. */
@RestController
class SlipShownController {
    private final StyleService styles;
    private final SchoolRules rules;

    SlipShownController(StyleService styles, SchoolRules rules) {
        this.styles = styles;
        this.rules = rules;
    }

    /** @param problem left out where the slip shows in no question by the methods of the house style */
    record SlipInProblem(@Nullable String problem) {}

    /** A question in which a slip shows, in the teacher's house style. */
    @GetMapping("/api/slips/{slip}/shown")
    SlipInProblem shown(@AuthenticationPrincipal SignedIn teacher,
            @PathVariable @Size(max = Limits.CAUSE_LETTERS, message = "No slip has a name of more than {max} letters.") String slip,
            @RequestParam @Size(max = Limits.WORD_LETTERS, message = "No operation has a name of more than {max} letters.") String operation) {
        HouseStyle style = styles.of(teacher.id());
        return new SlipInProblem(SlipShown.in(rules.now().find(slip, Operation.of(operation))
                .orElseThrow(() -> new Missing("There is no slip of that name in this operation.")), style)
                .map(style::problem).orElse(null));
    }
}
