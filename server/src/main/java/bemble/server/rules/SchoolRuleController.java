package bemble.server.rules;

import bemble.core.problem.Operation;
import bemble.core.slip.Slips;
import bemble.server.account.SignedIn;
import bemble.server.rules.KeptRuleMapper.StoredRule;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Gives rules worked out a name, by which all of the school know them. */
@RestController
@RequestMapping("/api/rules")
class SchoolRuleController {
    private final SchoolRules rules;

    SchoolRuleController(SchoolRules rules) {
        this.rules = rules;
    }

    /** @param does what the hand does, in a teacher's words */
    record RuleView(@NotNull long id, @NotNull String rule, @NotNull Operation operation, @NotNull String name,
            @NotNull String does) {
        static RuleView of(StoredRule stored) {
            return new RuleView(stored.id(), stored.rule(), stored.operation(), stored.name(),
                    Slips.find(stored.rule(), stored.operation()).map(rule -> rule.label())
                            .orElse(stored.rule()));
        }
    }

    record NamedRule(@NotNull(message = "Say which rule.") String rule,
            @NotNull(message = "Say which operation.") Operation operation, @Nullable String name) {}

    /** The rules that the school has given a name. */
    @GetMapping
    List<RuleView> all() {
        return rules.all().stream().map(RuleView::of).toList();
    }

    /** A rule that has a name gets another. */
    @PostMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void keep(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody NamedRule named) {
        rules.keep(teacher.id(), named.rule(), named.operation(), named.name());
    }

    /** Takes a rule off the list; it can be brought back. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@PathVariable long id) {
        rules.delete(id);
    }

    /** Brings a rule back onto the list. */
    @PostMapping("/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable long id) {
        rules.restore(id);
    }
}
