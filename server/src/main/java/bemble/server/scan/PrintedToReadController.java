package bemble.server.scan;

import bemble.core.print.ink.Page;
import bemble.core.scan.PageCode;
import bemble.core.scan.ReadSquare;
import bemble.core.scan.asked.AskedOnPage;
import bemble.core.working.Anchor;
import bemble.server.account.SignedIn;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.faults.Missing;
import bemble.server.ids.ClassId;
import bemble.server.print.PdfWriter;
import bemble.server.sets.printed.NamedSheets;
import bemble.server.sets.printed.ReadableSheets.ReadableSheet;
import bemble.server.sets.printed.ReadableSheets;
import bemble.server.web.Download;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Printed sheets as they are read when they come back: where their squares are, and a sheet for each child of a class. */
@RestController
class PrintedToReadController {
    private final ReadableSheets sheets;
    private final NamedSheets named;
    private final ClassService classes;

    PrintedToReadController(ReadableSheets sheets, NamedSheets named, ClassService classes) {
        this.sheets = sheets;
        this.named = named;
        this.classes = classes;
    }

    /** The pages of a print that can be read; one on which nothing can has no squares. */
    record SquaresView(@NotNull List<PageOfSquares> pages) {}

    /**
     * A page.
     *
     * @param code what its code says, without the pupil
     * @param width in millimetres, as all measures here
     */
    record PageOfSquares(@NotNull int page, @NotNull String code, @NotNull double width, @NotNull double height,
            @NotNull List<PrintedSquare> squares) {}

    /**
     * A square, or the part of one where a small figure goes.
     *
     * @param line its line, and the column as a power of ten, as on a paper to write on
     * @param anchor the part of the square; left out where a figure fills it
     * @param x its middle, from the left edge of the page
     * @param y its middle, from the upper edge
     * @param size how wide it is
     */
    record PrintedSquare(@NotNull int question, @NotNull String block, @NotNull String line, @NotNull int place,
            @Nullable Anchor anchor, @NotNull double x, @NotNull double y, @NotNull double size,
            @NotNull boolean small) {
        static PrintedSquare of(ReadSquare square) {
            return new PrintedSquare(square.question(), square.block().id(), square.line().id(), square.place(),
                    square.anchor(),
                    square.x(), square.y(), square.side(), square.isSmall());
        }
    }

    /** Where on the printed pages figures can be written that are read. */
    @GetMapping("/api/prints/{code}/squares")
    SquaresView squares(@AuthenticationPrincipal SignedIn teacher, @PathVariable String code) {
        ReadableSheet sheet = sheet(teacher, code);
        List<PageOfSquares> pages = new ArrayList<>();
        for (int i = 0; i < sheet.pages().size(); i++) {
            Page page = sheet.pages().get(i);
            pages.add(new PageOfSquares(i + 1, new PageCode(sheet.code(), i + 1, 0).text(), page.width(), page.height(),
                    AskedOnPage.on(page, sheet.problems(), sheet.style()).stream()
                            .flatMap(asked -> asked.squares().stream())
                            .map(PrintedSquare::of)
                            .toList()));
        }
        return new SquaresView(pages);
    }

    /** A sheet for each child of a class, with their name on it, in the order of the register. */
    @GetMapping(value = "/api/prints/{code}/classes/{classId}.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> forClass(@AuthenticationPrincipal SignedIn teacher, @PathVariable String code,
            @PathVariable ClassId classId, @RequestParam(defaultValue = "false") boolean inline) {
        SchoolClass schoolClass = classes.find(teacher.id(), classId);
        ReadableSheet sheet = sheet(teacher, code);
        List<Page> pages = new ArrayList<>();
        for (Pupil pupil : schoolClass.pupils()) {
            pages.addAll(named.pages(teacher.id(), sheet.code(), pupil.id(), pupil.name()));
        }
        if (pages.isEmpty()) {
            throw new Missing(schoolClass.name() + " has no pupils yet. Type their names first.");
        }
        byte[] file = PdfWriter.write(sheet.code() + " for " + schoolClass.name(), pages, () -> {});
        return Download.pdf("bemble-" + sheet.code() + "-class.pdf", file, inline);
    }

    private ReadableSheet sheet(SignedIn teacher, String code) {
        return sheets.find(teacher.id(), code).orElseThrow(
                () -> new Missing("No print of yours has the code " + code + ". Look it up on the sheet once more."));
    }
}
