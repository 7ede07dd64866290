package bemble.server.deleted;

import bemble.server.account.SignedIn;
import bemble.server.deleted.DeletedMapper.DeletedLine;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the teacher signed in has deleted in the last month. */
@RestController
@RequestMapping("/api/deleted")
class DeletedController {
    private final DeletedMapper deleted;
    private final Clock clock;

    DeletedController(DeletedMapper deleted, Clock clock) {
        this.deleted = deleted;
        this.clock = clock;
    }

    /** Deleted sets that can be brought back. */
    @GetMapping("/sets")
    List<DeletedLine> sets(@AuthenticationPrincipal SignedIn teacher) {
        return deleted.sets(teacher.id(), since());
    }

    /** Deleted classes that can be brought back. */
    @GetMapping("/classes")
    List<DeletedLine> classes(@AuthenticationPrincipal SignedIn teacher) {
        return deleted.classes(teacher.id(), since());
    }

    /** Deleted piles that can be brought back. */
    @GetMapping("/piles")
    List<DeletedLine> piles(@AuthenticationPrincipal SignedIn teacher) {
        return deleted.piles(teacher.id(), since());
    }

    private OffsetDateTime since() {
        return OffsetDateTime.now(clock).minusMonths(1);
    }
}
