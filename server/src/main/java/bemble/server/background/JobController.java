package bemble.server.background;

import bemble.server.account.SignedIn;
import bemble.server.background.Jobs.UnderWay;
import java.util.UUID;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What takes long and was begun by the teacher signed in. */
@RestController
@RequestMapping("/api/jobs/{id}")
class JobController {
    private final Jobs jobs;

    JobController(Jobs jobs) {
        this.jobs = jobs;
    }

    /** How far something long is. */
    @GetMapping
    UnderWay one(@AuthenticationPrincipal SignedIn teacher, @PathVariable UUID id) {
        return jobs.view(teacher.id(), id);
    }

    /** Stops it as soon as it can be; what was done of it is taken back. */
    @DeleteMapping
    UnderWay stop(@AuthenticationPrincipal SignedIn teacher, @PathVariable UUID id) {
        return jobs.stop(teacher.id(), id);
    }
}
