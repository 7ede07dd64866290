package bemble.server.glance;

import bemble.core.fact.TableFact;
import bemble.core.fact.TableFact.Table;
import bemble.core.practice.FactRound;
import bemble.core.problem.Operation;
import bemble.core.problem.Refusal;
import bemble.server.account.SignedIn;
import bemble.server.ids.SetId;
import bemble.server.limits.Limits;
import bemble.server.sets.printed.PrintedSheets;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Makes two minutes of practice of facts that are missed. */
@RestController
class FactRoundController {
    private final PrintedSheets sheets;

    FactRoundController(PrintedSheets sheets) {
        this.sheets = sheets;
    }

    /**
     * Facts of one table.
     *
     * @param facts their names, such as 7x8
     * @param whose for whom, as it stands on the set
     */
    record FactRoundContent(
            @NotNull(message = "Name the facts, such as 7x8.") @Size(min = 1, max = Limits.FACTS_OF_A_ROUND, message = "Name one to {max} facts, such as 7x8.") List<@NotNull(message = "Name the facts, such as 7x8.") @Size(max = Limits.FACT_LETTERS, message = "A fact has {max} letters at most, like 7x8.") String> facts,
            @NotNull(message = "Say for whom it is; it may be left empty.") @Size(max = Limits.TITLE_LETTERS, message = "Say it in {max} letters at most.") String whose) {}

    record MadeRound(@NotNull SetId setId) {}

    /** Makes a set of them, with their neighbours between. */
    @PostMapping("/api/facts/rounds")
    @ResponseStatus(HttpStatus.CREATED)
    MadeRound make(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody FactRoundContent content) {
        List<Optional<TableFact>> read = content.facts().stream().map(TableFact::named).toList();
        List<TableFact> facts = read.stream().flatMap(Optional::stream).distinct().toList();
        if (read.stream().anyMatch(Optional::isEmpty) || facts.stream().map(TableFact::table).distinct().count() > 1) {
            throw Refusal.of("facts", "Name facts of one table, such as 7x8 and 6x9, or 8+5, or 13-6.");
        }
        Table table = facts.get(0).table();
        Operation operation = table == Table.PLUS ? Operation.ADDITION
                : table == Table.MINUS ? Operation.SUBTRACTION : Operation.MULTIPLICATION;
        return new MadeRound(sheets.keep(teacher.id(), "Two minutes of facts"
                + (content.whose().isBlank() ? "" : " for " + content.whose().strip()), "", operation,
                FactRound.of(facts)));
    }
}
