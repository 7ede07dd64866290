package bemble.server.style;

import bemble.core.print.HowWeWriteIt;
import bemble.core.print.Page;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.server.account.SignedIn;
import bemble.server.print.PdfWriter;
import bemble.server.print.PrintableLetters;
import bemble.server.print.SvgWriter;
import bemble.server.web.Download;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
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
    private static final int MOST_LETTERS = 60;

    private final StyleService styles;
    private final PreferencesService preferences;

    HowWeWriteItController(StyleService styles, PreferencesService preferences) {
        this.styles = styles;
        this.preferences = preferences;
    }

    record ExampleView(@NotNull String operation, @NotNull String label, @NotNull String problem) {}

    /**
     * How the page will look.
     *
     * @param unprintable letters of the cues that the printed fonts do not have
     */
    record HowWeWriteItView(@NotNull List<String> pages, @NotNull List<String> unprintable) {}

    @GetMapping("/api/how-we-write-it/examples")
    List<ExampleView> examples() {
        return Arrays.stream(Operation.values()).map(operation -> new ExampleView(operation.id(), operation.title(),
                HowWeWriteIt.example(operation))).toList();
    }

    @GetMapping("/api/how-we-write-it")
    HowWeWriteItView page(@AuthenticationPrincipal SignedIn teacher,
            @RequestParam @Size(max = MOST_LETTERS, message = TOO_LONG) String problem) {
        return new HowWeWriteItView(pages(teacher, problem).stream().map(SvgWriter::write).toList(),
                PrintableLetters.missing(String.join("", preferences.of(teacher.id()).cues().values())));
    }

    /** The page to keep; or {@code inline}, for the browser to print. */
    @GetMapping(value = "/api/how-we-write-it/page.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@AuthenticationPrincipal SignedIn teacher,
            @RequestParam @Size(max = MOST_LETTERS, message = TOO_LONG) String problem,
            @RequestParam(defaultValue = "false") boolean inline) {
        byte[] file = PdfWriter.write("How we write it", pages(teacher, problem), () -> { });
        return inline ? ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(file)
                : Download.of("bemble-how-we-write-it.pdf", MediaType.APPLICATION_PDF_VALUE, file);
    }

    private List<Page> pages(SignedIn teacher, String problem) {
        HouseStyle style = styles.of(teacher.id());
        Problem example = ProblemText.read(problem, 0, style.point().punctuation());
        return HowWeWriteIt.pages(example, style, preferences.of(teacher.id()).cues());
    }
}
