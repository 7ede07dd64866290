package bemble.server.writing;

import bemble.server.rules.SchoolRules;
import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Marks a paper for anybody and stores nothing. */
@RestController
class MarkController {
    private final SchoolRules rules;

    MarkController(SchoolRules rules) {
        this.rules = rules;
    }

    /** Marks a paper figure by figure. */
    @PostMapping("/api/mark")
    MarkResponse mark(@Valid @RequestBody MarkRequest request) {
        return request.response(rules.now());
    }
}
