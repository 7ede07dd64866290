package bemble.server.web;

import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Answers with a file to be kept. */
public final class Download {
    private Download() {}

    public static <T> ResponseEntity<T> of(String name, String type, T body) {
        return ResponseEntity.ok().contentType(MediaType.parseMediaType(type))
                .header(HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(body);
    }

    /**
     * A PDF.
     *
     * @param inline to be looked at or printed at once, instead of kept as a file of that name
     */
    public static ResponseEntity<byte[]> pdf(String name, byte[] file, boolean inline) {
        return inline ? ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(file)
                : of(name, MediaType.APPLICATION_PDF_VALUE, file);
    }
}
