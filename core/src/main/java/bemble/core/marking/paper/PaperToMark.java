package bemble.core.marking.paper;

import bemble.core.style.CheckKind;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Somebody's paper.
 *
 * @param written what stands on it, in the order of writing where that is known
 * @param settingOut whether the numbers of the problem are among it, wherever the writer put them
 * @param soFar whether the writer is still at it, so that what comes after the last figure is not missed yet
 * @param ownWay whether it was worked by a way of the writer's own, so that the answer alone is judged
 * @param check the check that is written too, or null where none is
 */
public record PaperToMark(List<PaperFigure> written, boolean settingOut, boolean soFar, boolean ownWay,
        @Nullable CheckKind check) {
    public PaperToMark {
        written = List.copyOf(written);
    }

    /** The same with other figures on it. */
    public PaperToMark with(List<PaperFigure> figures) {
        return new PaperToMark(figures, settingOut, soFar, ownWay, check);
    }
}
