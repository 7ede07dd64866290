package bemble.core.picture;

import java.util.List;

/**
 * The picture as it is while a step stands on the paper.
 *
 * @param step the first step it belongs to; it stays until the next frame's
 * @param words what it shows, for those who do not see it
 */
public record Frame(int step, String words, List<Shape> shapes) {
    public Frame {
        shapes = List.copyOf(shapes);
    }
}
