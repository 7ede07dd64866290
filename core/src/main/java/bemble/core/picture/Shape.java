package bemble.core.picture;

import java.util.Locale;

/**
 * One thing in a picture, in the picture's own units from its upper left.
 *
 * @param key the same for the same thing from frame to frame, so that it can be seen to move
 * @param x the left edge; of a text, its middle
 * @param y the upper edge; of a text, its foot
 * @param size of a text, the height of its letters; else 0
 */
public record Shape(String key, Kind kind, double x, double y, double width, double height, double size, String text,
        Tone tone) {
    /** What it is, which tells a painter how to draw it. */
    public enum Kind {
        /** A small cube: one. */
        UNIT,
        /** Ten small cubes in a bar. */
        ROD,
        /** A hundred small cubes in a square. */
        FLAT,
        /** A thousand small cubes in a large one. */
        CUBE,
        /** Counters told apart by their shape. */
        ROUND,
        SQUARE,
        POINTED,
        /** An empty outline. */
        OUTLINE,
        /** A filled stretch or area with its text in the middle. */
        AREA,
        LINE,
        /** An arc over the line, from its left end to its right. */
        JUMP,
        TEXT;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /** How it is looked at in this frame. */
    public enum Tone {
        PLAIN,
        /** What this step is about. */
        FRESH,
        /** Struck off. */
        GONE,
        /** Of less weight. */
        FAINT;

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }
    }
}
