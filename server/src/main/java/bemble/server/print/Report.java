package bemble.server.print;

import bemble.core.print.Page;
import bemble.server.web.Download;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/**
 * Pages for somebody else, or for a teacher away from any screen.
 *
 * @param title the name it is kept under
 */
public record Report(String title, List<Page> pages) {
    public ReportView view() {
        return new ReportView(title, pages.stream().map(SvgWriter::write).toList());
    }

    /**
     * The pages as PDF.
     *
     * @param inline to be looked at or printed at once, instead of kept as a file of that name
     */
    public ResponseEntity<byte[]> pdf(String name, boolean inline) {
        byte[] file = PdfWriter.write(title, pages, () -> {});
        return inline ? ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(file)
                : Download.of(name, MediaType.APPLICATION_PDF_VALUE, file);
    }
}
