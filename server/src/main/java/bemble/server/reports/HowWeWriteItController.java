package bemble.server.reports;

import bemble.core.print.Handouts;
import bemble.core.print.HowWeWriteIt;
import bemble.core.print.ink.Page;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.server.account.SignedIn;
import bemble.server.limits.Limits;
import bemble.server.print.PdfWriter;
import bemble.server.print.PrintableLetters;
import bemble.server.print.SvgWriter;
import bemble.server.style.PreferencesService;
import bemble.server.style.StyleService;
import bemble.server.web.Download;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Pages for parents and colleagues: how each operation is written in this teacher's house style. */
@RestController
class HowWeWriteItController {
    private static final String TOO_LONG = "Take an example of at most 60 letters.";

    private final StyleService styles;
    private final PreferencesService preferences;
    private final WordedPages words;

    HowWeWriteItController(StyleService styles, PreferencesService preferences, WordedPages words) {
        this.words = words;
        this.styles = styles;
        this.preferences = preferences;
    }

    record ExampleView(@NotNull Operation operation, @NotNull String label, @NotNull String problem) {}

    /**
     * How the page will look.
     *
     * @param unprintable letters of the cues and words that the printed fonts do not have
     * @param page the name under which the teacher's words on it are kept
     * @param sections what stands on it, in order
     */
    record HowWeWriteItView(@NotNull List<String> pages, @NotNull List<String> unprintable, @NotNull String page,
            @NotNull List<String> sections, @NotNull OwnWords own) {}

    /** An example for each operation. */
    @GetMapping("/api/how-we-write-it/examples")
    List<ExampleView> examples() {
        return Arrays.stream(Operation.values()).map(operation -> new ExampleView(operation, operation.title(),
                HowWeWriteIt.example(operation))).toList();
    }

    /** The page for parents on how an operation is written here. */
    @GetMapping("/api/how-we-write-it")
    HowWeWriteItView page(@AuthenticationPrincipal SignedIn teacher,
            @RequestParam @Size(max = Limits.EXAMPLE_LETTERS, message = TOO_LONG) String problem) {
        String name = name(teacher, problem);
        OwnWords own = words.of(teacher.id(), name);
        return new HowWeWriteItView(pages(teacher, problem).stream().map(SvgWriter::write).toList(),
                PrintableLetters.missing(own.words() + String.join("", preferences.of(teacher.id()).cues().values())),
                name,
                Arrays.stream(HowWeWriteIt.Piece.values()).map(HowWeWriteIt.Piece::title).toList(), own);
    }

    /** The page: to keep, or for the browser to print. */
    @GetMapping(value = "/api/how-we-write-it/page.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@AuthenticationPrincipal SignedIn teacher,
            @RequestParam @Size(max = Limits.EXAMPLE_LETTERS, message = TOO_LONG) String problem,
            @RequestParam(defaultValue = "false") boolean inline) {
        byte[] file = PdfWriter.write("How we write it", pages(teacher, problem), () -> {});
        return Download.pdf("bemble-how-we-write-it.pdf", file, inline);
    }

    /** A page of bookmarks with the steps of an example's operation in this house style: to keep, or for the browser to print. */
    @GetMapping(value = "/api/how-we-write-it/bookmarks.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> bookmarks(@AuthenticationPrincipal SignedIn teacher,
            @RequestParam @Size(max = Limits.EXAMPLE_LETTERS, message = TOO_LONG) String problem,
            @RequestParam(defaultValue = "false") boolean inline) {
        HouseStyle style = styles.of(teacher.id());
        byte[] file = PdfWriter.write("Bookmarks", List.of(Handouts.bookmarks(read(problem, style), style)), () -> {});
        return Download.pdf("bemble-bookmarks.pdf", file, inline);
    }

    /** The words that questions are told with, what they can mean and where they mislead: to keep, or to print. */
    @GetMapping(value = "/api/how-we-write-it/words-in-questions.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> wordsInQuestions(@RequestParam(defaultValue = "false") boolean inline) {
        return Download.pdf("bemble-words-in-questions.pdf",
                PdfWriter.write("Words in questions", Handouts.keyWords(), () -> {}), inline);
    }

    private List<Page> pages(SignedIn teacher, String problem) {
        HouseStyle style = styles.of(teacher.id());
        OwnWords own = words.of(teacher.id(), name(teacher, problem));
        Set<HowWeWriteIt.Piece> pieces = Arrays.stream(HowWeWriteIt.Piece.values())
                .filter(piece -> !own.without().contains(piece.title())).collect(Collectors.toSet());
        return HowWeWriteIt.pages(read(problem, style), style, preferences.of(teacher.id()).cues(), own.words(),
                pieces);
    }

    private static Problem read(String problem, HouseStyle style) {
        return ProblemText.read(problem, 0, style.point().punctuation());
    }

    /** One page an operation, whatever its example. */
    private String name(SignedIn teacher, String problem) {
        return "how-" + read(problem, styles.of(teacher.id())).operation().id();
    }
}
