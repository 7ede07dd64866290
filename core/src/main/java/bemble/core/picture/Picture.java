package bemble.core.picture;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A picture beside a working, in step with it.
 *
 * @param width in units of the picture
 * @param height in units of the picture
 * @param frames in the order of their steps, the first at step 1; empty where there is none to show
 * @param whyNot why there is none, or null
 */
public record Picture(PictureKind kind, double width, double height, List<Frame> frames, @Nullable String whyNot) {
    public Picture {
        frames = List.copyOf(frames);
    }

    static Picture none(PictureKind kind, String whyNot) {
        return new Picture(kind, 0, 0, List.of(), whyNot);
    }

    /** The frame that shows while a step stands on the paper. */
    public Frame at(int step) {
        return frames.stream().filter(frame -> frame.step() <= step).reduce((first, last) -> last).orElseThrow();
    }
}
