package bemble.server.web;

import java.util.List;
import org.springframework.http.ResponseEntity;

/**
 * A part of a long list.
 *
 * @param total how many there are in all
 */
public record ListPage<T>(List<T> lines, int total) {
    /** The header that tells how many there are in all. */
    public static final String TOTAL = "X-Total-Count";

    /** The lines, with how many there are in all beside them. */
    public ResponseEntity<List<T>> answer() {
        return ResponseEntity.ok().header(TOTAL, String.valueOf(total)).body(lines);
    }
}
