package bemble.core.marking;

import java.util.List;

/**
 * Somebody's paper.
 *
 * @param written what stands on it, in the order of writing where that is known
 * @param settingOut whether the numbers of the problem are among it, wherever the writer put them
 * @param soFar whether the writer is still at it, so that what comes after the last figure is not missed yet
 */
public record PaperToMark(List<PaperFigure> written, boolean settingOut, boolean soFar) {
    public PaperToMark {
        written = List.copyOf(written);
    }
}
