package bemble.server.reports;

import bemble.server.limits.Limits;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * What a teacher has made of a page.
 *
 * @param words their own, printed first; may be empty
 * @param without the titles of our sections that are left out
 */
public record OwnWords(@NotNull String words,
        @NotNull @Size(max = Limits.SECTIONS, message = "A page has fewer sections.") List<String> without) {
    static final OwnWords NONE = new OwnWords("", List.of());
}
