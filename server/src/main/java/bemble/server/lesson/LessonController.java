package bemble.server.lesson;

import bemble.server.account.SignedIn;
import bemble.server.ids.SetId;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Lessons of the teacher signed in; a source says what each is about. */
@RestController
@RequestMapping("/api/lessons/{source}")
class LessonController {
    private final LessonService lessons;

    LessonController(LessonService lessons) {
        this.lessons = lessons;
    }

    /** @param revision the revision that was changed; 0 where it was as it is set out */
    record ChangedLesson(@NotNull(message = "The lesson is missing.") @Valid LessonContent content,
            @NotNull(message = "Say which revision was changed.") @Min(value = 0, message = "Revisions are counted from 0.") Integer revision) {}

    record AnewWish(@NotNull(message = "Say how long the lesson is.") Integer minutes,
            @NotNull(message = "Say which revision was changed.") @Min(value = 0, message = "Revisions are counted from 0.") Integer revision) {}

    record SheetMade(@NotNull SetId setId) {}

    /** A lesson in its order. */
    @GetMapping
    LessonView lesson(@AuthenticationPrincipal SignedIn teacher, @PathVariable String source) {
        return lessons.find(teacher.id(), source);
    }

    /** Keeps a lesson as it was changed. */
    @PutMapping
    LessonView keep(@AuthenticationPrincipal SignedIn teacher, @PathVariable String source,
            @Valid @RequestBody ChangedLesson changed) {
        return lessons.keep(teacher.id(), source, changed.content(), changed.revision());
    }

    /** Sets it out again with other numbers. */
    @PostMapping("/anew")
    LessonView anew(@AuthenticationPrincipal SignedIn teacher, @PathVariable String source,
            @Valid @RequestBody AnewWish wish) {
        return lessons.anew(teacher.id(), source, wish.minutes(), wish.revision());
    }

    /** Makes the set of what is done alone, or gives the one that was made. */
    @PostMapping("/set")
    SheetMade setFor(@AuthenticationPrincipal SignedIn teacher, @PathVariable String source) {
        return new SheetMade(lessons.setFor(teacher.id(), source));
    }
}
