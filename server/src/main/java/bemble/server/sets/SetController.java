package bemble.server.sets;

import bemble.server.account.SignedIn;
import bemble.core.style.HouseStyle;
import bemble.server.ids.SetId;
import bemble.server.style.StyleService;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The practice sets of the teacher signed in. */
@RestController
@RequestMapping("/api/sets")
class SetController {
    private final SetService sets;
    private final StyleService styles;

    SetController(SetService sets, StyleService styles) {
        this.sets = sets;
        this.styles = styles;
    }

    record CopyWish(@NotNull boolean otherNumbers) {}

    record ArchiveWish(@NotNull boolean archived) {}

    /** The practice sets whose title, class or problem has the words. */
    @GetMapping
    List<SetLine> list(@AuthenticationPrincipal SignedIn teacher, @RequestParam(defaultValue = "") String search,
            @RequestParam(defaultValue = "false") boolean archived) {
        HouseStyle style = styles.of(teacher.id());
        return sets.search(teacher.id(), search, archived).stream().map(stored -> line(stored, style)).toList();
    }

    private SetLine line(StoredSet stored, HouseStyle style) {
        SetContent content = sets.content(stored);
        List<String> first = content.questions().stream().limit(3).map(SetContent.SetQuestion::read).map(style::problem)
                .toList();
        return new SetLine(stored.id(), stored.title(), stored.tag(), content.questions().size(), first,
                stored.changedAt(), stored.archived());
    }

    /** Makes a set. */
    @PostMapping
    SetView add(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody SetContent content) {
        return view(teacher, sets.add(teacher.id(), content));
    }

    /** A set with its questions. */
    @GetMapping("/{id:\\d+}")
    SetView one(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id) {
        return view(teacher, sets.find(teacher.id(), id));
    }

    /** Changes a set. */
    @PutMapping("/{id:\\d+}")
    SetView change(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id,
            @RequestParam(required = false) Integer revision, @Valid @RequestBody SetContent content) {
        return view(teacher, sets.change(teacher.id(), id, revision, content));
    }

    /** Copies a set, with other numbers where they are wanted. */
    @PostMapping("/{id:\\d+}/copy")
    SetView copy(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id, @RequestBody CopyWish wish) {
        return view(teacher, sets.copy(teacher.id(), id, wish.otherNumbers()));
    }

    /** Puts a set away, or takes it out again. */
    @PostMapping("/{id:\\d+}/archive")
    SetView archive(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id, @RequestBody ArchiveWish wish) {
        return view(teacher, sets.archive(teacher.id(), id, wish.archived()));
    }

    /** Deletes a set; it can be brought back. */
    @DeleteMapping("/{id:\\d+}")
    void delete(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id) {
        sets.delete(teacher.id(), id);
    }

    /** Brings a deleted set back. */
    @PostMapping("/{id:\\d+}/restore")
    SetView restore(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id) {
        return view(teacher, sets.restore(teacher.id(), id));
    }

    /** The questions of a version of equal difficulty. */
    @GetMapping("/{id:\\d+}/versions/{letter}")
    List<QuestionView> version(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id,
            @PathVariable String letter) {
        SetContent content = sets.content(sets.find(teacher.id(), id));
        HouseStyle style = styles.of(teacher.id());
        return SetReading.questions(sets.version(content, letter, style)).stream().map(QuestionView.in(style)).toList();
    }

    private SetView view(SignedIn teacher, StoredSet stored) {
        return sets.view(teacher.id(), stored);
    }
}
