package bemble.server.handover;

import bemble.server.account.SignedIn;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.limits.Limits;
import bemble.server.background.JobKind;
import bemble.server.background.Jobs;
import bemble.server.background.Jobs.UnderWay;
import bemble.server.web.Download;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Lists and records of the classes of the teacher signed in, in and out; pupils moved on or deleted for good. */
@RestController
class HandoverController {
    private static final String CSV = "text/csv";
    private final HandoverService handover;
    private final ClassTransfer transfer;
    private final Jobs jobs;

    HandoverController(HandoverService handover, ClassTransfer transfer, Jobs jobs) {
        this.handover = handover;
        this.transfer = transfer;
        this.jobs = jobs;
    }

    /**
     * What goes with a pupil.
     *
     * @param answers how many marked answers
     * @param papers how many papers written at screens
     */
    record WhatGoesView(@NotNull Pupil pupil, @NotNull String className, @NotNull int answers, @NotNull int papers) {}

    /** @param toClass the class they go to */
    record MovedPupils(
            @NotNull(message = "Choose who moves on.") @NotEmpty(message = "Choose who moves on.") @Size(max = Limits.PUPILS, message = "These are more pupils than a class has.") List<@NotNull(message = "A pupil is missing.") PupilId> pupils,
            @NotNull(message = "Choose the class they go to.") ClassId toClass) {}

    /** What goes with a pupil who is deleted. */
    @GetMapping("/api/pupils/{id}")
    WhatGoesView whatGoes(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id) {
        HandoverService.WhatGoes goes = handover.whatGoes(teacher.id(), id);
        return new WhatGoesView(goes.pupil(), goes.className(), goes.answers(), goes.papers());
    }

    /** Deletes a pupil and everything about them, for good. */
    @DeleteMapping("/api/pupils/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void delete(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id) {
        handover.delete(teacher.id(), id);
    }

    /** Brings a pupil back into the class that they were taken out of. */
    @PostMapping("/api/pupils/{id}/back")
    SchoolClass bringBack(@AuthenticationPrincipal SignedIn teacher, @PathVariable PupilId id) {
        return handover.bringBack(teacher.id(), id);
    }

    /** The names of a class as a table. */
    @GetMapping(value = "/api/classes/{id}/list.csv", produces = CSV)
    ResponseEntity<String> list(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        return Download.of("bemble-class-list.csv", CSV + ";charset=UTF-8", handover.list(teacher.id(), id));
    }

    /** Adds the names of a CSV to the class, all or none. */
    @PostMapping(value = "/api/classes/{id}/list", consumes = CSV)
    SchoolClass takeList(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @RequestBody(required = false) byte[] file) {
        return handover.takeList(teacher.id(), id, file);
    }

    /** What a class has answered, as a table. */
    @GetMapping(value = "/api/classes/{id}/answers.csv", produces = CSV)
    ResponseEntity<String> answers(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        return Download.of("bemble-answers.csv", CSV + ";charset=UTF-8", handover.answers(teacher.id(), id));
    }

    /** A class with what its pupils did, for another Bemble. */
    @GetMapping(value = "/api/classes/{id}/class.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<ClassFile> file(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id) {
        return Download.of("bemble-class.json", MediaType.APPLICATION_JSON_VALUE, transfer.file(teacher.id(), id));
    }

    /** Makes a class from such a file, with the history of its pupils; where that takes long, tells how far it is. */
    @PostMapping(value = "/api/classes/file", consumes = MediaType.APPLICATION_JSON_VALUE)
    @ApiResponse(responseCode = "200", description = "The class, where it is here already", content = @Content(schema = @Schema(implementation = SchoolClass.class)))
    @ApiResponse(responseCode = "202", description = "It is on its way", content = @Content(schema = @Schema(implementation = UnderWay.class)))
    @io.swagger.v3.oas.annotations.parameters.RequestBody(content = @Content(schema = @Schema(implementation = ClassFile.class)))
    ResponseEntity<Object> takeOver(@AuthenticationPrincipal SignedIn teacher,
            @RequestBody(required = false) byte[] file) {
        UnderWay job =
                jobs.begin(JobKind.FILE, teacher.id(), progress -> transfer.takeOver(teacher.id(), file, progress));
        return job.state() == Jobs.State.DONE ? ResponseEntity.ok(job.result()) : ResponseEntity.accepted().body(job);
    }

    /** Moves pupils to another class; what they did goes with them. */
    @PostMapping("/api/classes/{id}/move")
    SchoolClass move(@AuthenticationPrincipal SignedIn teacher, @PathVariable ClassId id,
            @Valid @RequestBody MovedPupils moved) {
        return handover.move(teacher.id(), id, moved.pupils(), moved.toClass());
    }
}
