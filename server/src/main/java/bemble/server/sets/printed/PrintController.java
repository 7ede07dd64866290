package bemble.server.sets.printed;

import bemble.core.print.PrintKind;
import bemble.core.print.ink.Page;
import bemble.server.account.SignedIn;
import bemble.server.background.Jobs.UnderWay;
import bemble.server.faults.Missing;
import bemble.server.ids.SetId;
import bemble.server.limits.Limits;
import bemble.server.print.SvgWriter;
import bemble.server.web.Download;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.OffsetDateTime;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Previews, prints and the files that come of them. */
@RestController
class PrintController {
    private static final int MOST_PREVIEWED = 12;
    private static final String SVG = "image/svg+xml";

    private final PrintService prints;

    PrintController(PrintService prints) {
        this.prints = prints;
    }

    /**
     * How a print will look.
     *
     * @param total how many pages there are
     * @param pages the first of them, as SVG
     * @param unprintable letters that the printed fonts do not have; a ? stands for them
     */
    record Preview(@NotNull int total, @NotNull List<String> pages, @NotNull List<String> unprintable) {}

    record PrintView(@NotNull String code, @NotNull String version, @NotNull OffsetDateTime printedAt) {
        static PrintView of(StoredPrint print) {
            return new PrintView(print.code(), print.version(), print.printedAt());
        }

        static PrintView of(PrintLine print) {
            return new PrintView(print.code(), print.version(), print.printedAt());
        }
    }

    record PrintWish(
            @NotNull(message = "Choose among the versions A, B and C.") @Size(min = 1, max = Limits.VERSIONS, message = "Choose among the versions A, B and C, each once.") List<@NotNull(message = "Choose among the versions A, B and C.") @Pattern(regexp = "[ABC]", message = "Choose among the versions A, B and C.") String> versions) {}

    record BegunView(@NotNull List<PrintView> prints, @NotNull UnderWay job) {}

    /** How a print will look. */
    @GetMapping("/api/sets/{id:\\d+}/pages")
    Preview preview(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id,
            @RequestParam(defaultValue = "questions") String kind, @RequestParam(defaultValue = "A") String version) {
        List<Page> pages = prints.preview(teacher.id(), id, version, PrintKind.of(kind));
        return new Preview(pages.size(), pages.stream().limit(MOST_PREVIEWED).map(SvgWriter::write).toList(),
                prints.unprintable(teacher.id(), id));
    }

    /** A question as a picture of its own. */
    @GetMapping(value = "/api/sets/{id:\\d+}/questions/{number}.svg", produces = SVG)
    ResponseEntity<String> question(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id,
            @PathVariable int number, @RequestParam(defaultValue = "questions") String kind) {
        return Download.of("bemble-question-" + number + ".svg", SVG,
                SvgWriter.write(prints.question(teacher.id(), id, number, PrintKind.of(kind))));
    }

    /** The prints of a set. */
    @GetMapping("/api/sets/{id:\\d+}/prints")
    List<PrintView> of(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id) {
        return prints.of(teacher.id(), id).stream().map(PrintView::of).toList();
    }

    /** Freezes versions of a set and begins to write their files. */
    @PostMapping("/api/sets/{id:\\d+}/prints")
    BegunView print(@AuthenticationPrincipal SignedIn teacher, @PathVariable SetId id,
            @Valid @RequestBody PrintWish wish) {
        PrintService.Begun begun = prints.begin(teacher.id(), id, wish.versions().stream().distinct().toList());
        return new BegunView(begun.prints().stream().map(PrintView::of).toList(), begun.job());
    }

    /** The file as printed: to keep, or for the browser to print. */
    @GetMapping(value = "/api/prints/{code}/{kind}.pdf", produces = "application/pdf")
    ResponseEntity<byte[]> pdf(@AuthenticationPrincipal SignedIn teacher, @PathVariable String code,
            @PathVariable String kind, @RequestParam(defaultValue = "false") boolean inline) throws IOException {
        byte[] file = prints.pdf(prints.find(teacher.id(), code), PrintKind.of(kind));
        return Download.pdf("bemble-" + code + "-" + kind + ".pdf", file, inline);
    }

    /** A page of a print as SVG. */
    @GetMapping(value = "/api/prints/{code}/{kind}-{number}.svg", produces = SVG)
    ResponseEntity<String> page(@AuthenticationPrincipal SignedIn teacher, @PathVariable String code,
            @PathVariable String kind, @PathVariable int number) {
        List<Page> pages = prints.pages(prints.find(teacher.id(), code), PrintKind.of(kind));
        if (number < 1 || number > pages.size()) {
            throw new Missing("This print has " + pages.size() + " pages.");
        }
        return Download.of("bemble-" + code + "-" + kind + "-" + number + ".svg", SVG,
                SvgWriter.write(pages.get(number - 1)));
    }
}
