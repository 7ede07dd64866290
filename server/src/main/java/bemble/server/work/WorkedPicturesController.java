package bemble.server.work;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.print.Stages;
import bemble.core.print.WorkedPicture;
import bemble.core.print.ink.Page;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.server.account.SignedIn;
import bemble.server.limits.Limits;
import bemble.server.print.PdfWriter;
import bemble.server.print.PngWriter;
import bemble.server.print.SvgWriter;
import bemble.server.style.StyleService;
import bemble.server.web.Download;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A working as pictures: one of a step, for a worksheet made elsewhere, and its stages side by side, for the wall. */
@RestController
class WorkedPicturesController {
    private static final String SVG = "image/svg+xml";

    private final StyleService styles;

    WorkedPicturesController(StyleService styles) {
        this.styles = styles;
    }

    /** The paper as it stands after a step, as a picture. */
    @PostMapping(value = "/api/worked-pictures", produces = {MediaType.IMAGE_PNG_VALUE, SVG})
    ResponseEntity<byte[]> picture(@Valid @RequestBody PictureRequest request) throws IOException {
        Page page = WorkedPicture.of(Worked.from(request.work().order()), request.step());
        return switch (request.form()) {
            case PNG -> ResponseEntity.ok().contentType(MediaType.IMAGE_PNG).body(PngWriter.write(page));
            case SVG -> ResponseEntity.ok().contentType(MediaType.valueOf(SVG))
                    .body(SvgWriter.write(page).getBytes(StandardCharsets.UTF_8));
        };
    }

    /** The stages of a working side by side, and once more in another order. */
    @GetMapping(value = "/api/worked-pictures/stages.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> stages(@AuthenticationPrincipal SignedIn teacher,
            @RequestParam @Size(max = Limits.EXAMPLE_LETTERS, message = "Take a problem of at most 60 letters.") String problem,
            @RequestParam(required = false) @Nullable String method,
            @RequestParam(defaultValue = "false") boolean inline) {
        HouseStyle style = styles.of(teacher.id());
        Worked worked = Worked.from(new WorkOrder(ProblemText.read(problem, 0, style.point().punctuation()), method,
                style, null));
        byte[] file = PdfWriter.write("Step by step", Stages.pages(worked), () -> {});
        return Download.pdf("bemble-step-by-step.pdf", file, inline);
    }
}
