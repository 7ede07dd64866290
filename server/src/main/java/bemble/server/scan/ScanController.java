package bemble.server.scan;

import bemble.server.account.SignedIn;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.ScanId;
import bemble.server.limits.Limits;
import bemble.server.scan.ScanViews.BegunScan;
import bemble.server.scan.ScanViews.ScanLine;
import bemble.server.scan.ScanViews.ScanView;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.util.List;
import java.util.Objects;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Filled pages of a pile, from a scanner or a phone. */
@RestController
@RequestMapping("/api/markings/{id}/scans")
class ScanController {
    private final ScanService scans;
    private final ScanPages pages;

    ScanController(ScanService scans, ScanPages pages) {
        this.scans = scans;
        this.pages = pages;
    }

    /** @param read what stands there; empty where nothing does */
    record ConfirmedReading(@NotNull(message = "Say on which page.") Integer page,
            @NotNull(message = "Say which question.") Integer question,
            @NotNull(message = "Say what stands there; it may be nothing.") @Size(max = Limits.ANSWER_LETTERS, message = "This answer is too long to be one number.") String read) {}

    record KeptPictures(
            @Min(value = 1, message = "Keep the pictures for a day at least, or delete them.") @Max(value = Limits.PICTURE_DAYS, message = "Pictures of children’s handwriting are kept for a year at most.") int days) {}

    record OwnerOfPage(@NotNull(message = "Say whose page it is.") PupilId pupil) {}

    /** What was brought in for a pile, newest first. */
    @GetMapping
    List<ScanLine> of(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id) {
        return scans.of(teacher.id(), id);
    }

    /** Brings in filled pages: a PDF, PNG or JPEG. They are read behind this answer. */
    @PostMapping(consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    @ResponseStatus(HttpStatus.ACCEPTED)
    BegunScan bringIn(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @RequestPart("file") MultipartFile file)
            throws IOException {
        return new BegunScan(
                scans.begin(teacher.id(), id, Objects.requireNonNullElse(file.getOriginalFilename(), "pages"),
                        file.getBytes()));
    }

    /** Has the practice scanner write the pile, scan it and bring it in. */
    @PostMapping("/practice")
    @ResponseStatus(HttpStatus.ACCEPTED)
    BegunScan practise(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id) {
        return new BegunScan(scans.practise(teacher.id(), id));
    }

    /** How far it is, and what was read. */
    @GetMapping("/{scan}")
    ScanView one(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id, @PathVariable ScanId scan) {
        return pages.view(teacher.id(), id, scan);
    }

    /** Stops reading; what was read is kept. */
    @PostMapping("/{scan}/stop")
    ScanView stop(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id, @PathVariable ScanId scan) {
        scans.stop(teacher.id(), id, scan);
        return pages.view(teacher.id(), id, scan);
    }

    /** Confirms an answer, or puts it right. */
    @PutMapping("/{scan}/answers")
    ScanView confirm(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id, @PathVariable ScanId scan,
            @Valid @RequestBody ConfirmedReading confirmed) {
        scans.confirm(teacher.id(), id, scan, confirmed.page(), confirmed.question(), confirmed.read().strip());
        return pages.view(teacher.id(), id, scan);
    }

    /** Says whose a page is. */
    @PutMapping("/{scan}/pages/{page}")
    ScanView owner(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id, @PathVariable ScanId scan,
            @PathVariable int page, @Valid @RequestBody OwnerOfPage owner) {
        scans.owner(teacher.id(), id, scan, page, owner.pupil());
        return pages.view(teacher.id(), id, scan);
    }

    /** The picture of an answer, laid straight. */
    @GetMapping(value = "/{scan}/pictures/{page}-{question}.jpg", produces = MediaType.IMAGE_JPEG_VALUE)
    byte[] picture(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id, @PathVariable ScanId scan,
            @PathVariable int page, @PathVariable int question) {
        return scans.picture(teacher.id(), id, scan, page, question);
    }

    /** Forgets how the hands of the pile's class are read: what was learnt from confirmed figures. */
    @DeleteMapping("/learnt")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forgetHands(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id) {
        scans.forgetHands(teacher.id(), id);
    }

    /** Says for how many days the pictures of answers are kept, counted from when the pages were brought in. */
    @PutMapping("/{scan}/pictures")
    ScanView keepPictures(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @PathVariable ScanId scan, @Valid @RequestBody KeptPictures kept) {
        scans.keepPictures(teacher.id(), id, scan, kept.days());
        return pages.view(teacher.id(), id, scan);
    }

    /** Deletes the pictures of all answers; what was read stays. */
    @DeleteMapping("/{scan}/pictures")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forgetPictures(@AuthenticationPrincipal SignedIn teacher, @PathVariable MarkingId id,
            @PathVariable ScanId scan) {
        scans.forgetPictures(teacher.id(), id, scan);
    }
}
