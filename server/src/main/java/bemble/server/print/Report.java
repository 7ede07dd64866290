package bemble.server.print;

import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk;
import bemble.server.web.Download;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.http.ResponseEntity;

/**
 * Pages for somebody else, or for a teacher away from any screen.
 *
 * @param title the name it is kept under
 */
public record Report(String title, List<Page> pages) {
    public ReportView view() {
        return new ReportView(title, pages.stream().map(SvgWriter::write).toList(), unprintable());
    }

    /** The letters on its pages that no font has. */
    public List<String> unprintable() {
        return PrintableLetters.missing(pages.stream().flatMap(page -> page.inks().stream())
                .map(ink -> ink instanceof PageInk.Text text ? text.text() : "").distinct()
                .collect(Collectors.joining()));
    }

    /**
     * The pages as PDF.
     *
     * @param inline to be looked at or printed at once, instead of kept as a file of that name
     */
    public ResponseEntity<byte[]> pdf(String name, boolean inline) {
        byte[] file = PdfWriter.write(title, pages, () -> {});
        return Download.pdf(name, file, inline);
    }
}
