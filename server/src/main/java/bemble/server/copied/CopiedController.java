package bemble.server.copied;

import bemble.server.account.SignedIn;
import bemble.server.ids.EntryId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Copies of workings that pupils wrote on paper, for the piles of the teacher signed in. */
@RestController
@RequestMapping("/api/markings/{id}/copied")
class CopiedController {
    private final Copying copying;

    CopiedController(Copying copying) {
        this.copying = copying;
    }

    /** @param question its number on the sheet, from 1 */
    record WorkingToCopy(@NotNull(message = "Say whose working it is.") PupilId pupilId,
            @NotNull(message = "Say which question it is.") Integer question) {}

    /** @param paper the paper to write on, as those of the log */
    record CopyView(@NotNull EntryId paper) {}

    /** Opens the paper on which a working is copied, as far as it is; the first time only its problem stands there. */
    @PostMapping
    CopyView open(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @Valid @RequestBody WorkingToCopy asked) {
        return new CopyView(copying.open(teacher.id(), id, asked.pupilId(), asked.question()));
    }

    /** Takes what was copied into the pile: its answer over what stood there, and what its working tells. */
    @PostMapping("/{paper}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void take(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id, @PathVariable EntryId paper) {
        copying.take(teacher.id(), id, paper);
    }
}
