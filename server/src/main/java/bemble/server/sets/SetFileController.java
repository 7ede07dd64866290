package bemble.server.sets;

import bemble.server.account.SignedIn;
import bemble.server.ids.SetId;
import bemble.server.limits.Limits;
import bemble.server.web.Download;
import jakarta.validation.constraints.NotNull;
import java.util.List;
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

/** Sets as files: out and in as CSV and JSON. */
@RestController
@RequestMapping("/api/sets")
class SetFileController {
    private static final SetContent.LayoutChoice USUAL_LAYOUT =
            new SetContent.LayoutChoice("a4", 2, 7, true, false, false, true, false, false, null, null);

    private final SetService sets;
    private final SetFile file;

    SetFileController(SetService sets, SetFile file) {
        this.sets = sets;
        this.file = file;
    }

    record TakenIn(@NotNull SetId id, @NotNull int questions) {}

    /** A set as a table. */
    @GetMapping(value = "/{id:\\d+}/bemble-set.csv", produces = "text/csv")
    ResponseEntity<String> csv(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id) {
        return Download.of("bemble-set.csv", "text/csv;charset=UTF-8", file.writeCsv(content(teacher, id)));
    }

    /** A set as JSON. */
    @GetMapping(value = "/{id:\\d+}/bemble-set.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> json(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id) {
        return Download.of("bemble-set.json", "application/json", file.writeJson(content(teacher, id)));
    }

    /** A new set from a table, one problem on each line. */
    @PostMapping(value = "/import", consumes = "text/csv")
    TakenIn takeCsv(@AuthenticationPrincipal SignedIn teacher, @RequestParam(defaultValue = "") String name,
            @RequestBody(required = false) byte[] table) {
        List<SetContent.SetQuestion> questions = file.readCsv(table);
        String title = name.isBlank() ? "A set from a table"
                : name.substring(0, Math.min(Limits.TITLE_LETTERS, name.length()));
        SetContent content = new SetContent(title, "", null, null, null, 1L, null, questions, USUAL_LAYOUT);
        return new TakenIn(sets.add(teacher.id(), content).id(), questions.size());
    }

    /** Takes a set in from JSON. */
    @PostMapping(value = "/import", consumes = MediaType.APPLICATION_JSON_VALUE)
    TakenIn takeJson(@AuthenticationPrincipal SignedIn teacher, @RequestBody String text) {
        SetContent content = file.readJson(text);
        return new TakenIn(sets.add(teacher.id(), content).id(), content.questions().size());
    }

    private SetContent content(SignedIn teacher, SetId id) {
        return sets.content(sets.find(teacher.id(), id));
    }
}
