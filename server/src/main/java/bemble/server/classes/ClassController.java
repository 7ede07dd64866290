package bemble.server.classes;

import bemble.server.account.SignedIn;
import bemble.server.ids.ClassId;
import bemble.server.limits.Limits;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The classes of the teacher signed in. */
@RestController
@RequestMapping("/api/classes")
class ClassController {
    private final ClassService classes;

    ClassController(ClassService classes) {
        this.classes = classes;
    }

    /** @param pupils short names in the order of the list; blank ones are left out */
    record ClassContent(
            @NotNull(message = "Give the class a name of 1 to " + Limits.NAME_LETTERS
                    + " letters.") @Size(max = Limits.TYPED_NAME_LETTERS, message = "Give the class a name of 1 to 40 letters.") String name,
            @NotNull(message = "Give the pupils' short names; there may be none.") @Size(max = Limits.PUPIL_LINES, message = "These are more lines than a class has pupils.") List<String> pupils) {}

    /**
     * A class as it shall be.
     *
     * @param pupils a line each, in the order of the list; blank ones are nobody
     * @param revision the one that was changed
     */
    record ChangedClass(
            @NotNull(message = "Give the class a name of 1 to " + Limits.NAME_LETTERS
                    + " letters.") @Size(max = Limits.TYPED_NAME_LETTERS, message = "Give the class a name of 1 to 40 letters.") String name,
            @NotNull(message = "Give the pupils' short names; there may be none.") @Size(max = Limits.PUPIL_LINES, message = "These are more lines than a class has pupils.") List<@Valid ListedPupil> pupils,
            @NotNull(message = "Say which revision of the list was changed.") Integer revision) {}

    /** The classes with their pupils. */
    @GetMapping
    List<SchoolClass> all(@AuthenticationPrincipal SignedIn teacher) {
        return classes.all(teacher.id());
    }

    /** A class with its pupils. */
    @GetMapping("/{id}")
    SchoolClass one(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        return classes.find(teacher.id(), id);
    }

    /** Makes a class. */
    @PostMapping
    SchoolClass add(@AuthenticationPrincipal SignedIn teacher, @Valid @RequestBody ClassContent content) {
        return classes.add(teacher.id(), content.name(), content.pupils());
    }

    /** Changes the name and the pupils of a class. */
    @PutMapping("/{id}")
    SchoolClass change(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @Valid @RequestBody ChangedClass content) {
        return classes.change(teacher.id(), id, content.revision(), content.name(), content.pupils());
    }

    /** Who was taken out of the class; what they did is kept, and they can come back. */
    @GetMapping("/{id}/former")
    List<FormerPupil> former(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        return classes.former(teacher.id(), id);
    }

    /** Deletes a class; it can be brought back. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        classes.delete(teacher.id(), id);
    }

    /** Brings a deleted class back. */
    @PostMapping("/{id}/restore")
    SchoolClass restore(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        return classes.restore(teacher.id(), id);
    }
}
