package bemble.server.log.papers;

import bemble.server.limits.Limits;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/**
 * What was done on a paper.
 *
 * @param from how many things had been done on it before these
 */
public record DoneFigures(@Min(value = 0, message = "What was done is counted from 0.") int from,
        @NotNull(message = "Say what was done.") @Size(max = Limits.FIGURES, message = "Send at most {max} things at once.") List<@Valid @NotNull(message = "A thing is missing here.") AttemptFigure> figures) {}
