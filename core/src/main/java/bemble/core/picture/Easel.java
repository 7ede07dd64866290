package bemble.core.picture;

import bemble.core.picture.Shape.Kind;
import bemble.core.picture.Shape.Tone;
import java.util.ArrayList;
import java.util.List;

/** Draws frame after frame, and finds how large the picture is. */
final class Easel {
    /** Smaller letters cannot be read. */
    static final double LEAST_LETTER = 1.2;
    private static final double MARGIN = 1;
    /** How wide a letter is where nothing may touch it, of its height. */
    private static final double WIDE = 0.62;

    private final PictureKind kind;
    private final List<Frame> frames = new ArrayList<>();
    private List<Shape> shapes = new ArrayList<>();
    private double width;
    private double height;

    Easel(PictureKind kind) {
        this.kind = kind;
    }

    /** Letters as large as a text may have in a width, at most of that size. */
    static double letter(double most, double width, String text) {
        return Math.min(most, width / (WIDE * text.length()));
    }

    void shape(String key, Kind what, double x, double y, double w, double h, Tone tone) {
        add(new Shape(key, what, x, y, w, h, 0, "", tone));
    }

    void area(String key, double x, double y, double w, double h, String text, double size, Tone tone) {
        add(new Shape(key, Kind.AREA, x, y, w, h, size, text, tone));
    }

    void jump(String key, double from, double to, double y, double h, Tone tone) {
        add(new Shape(key, Kind.JUMP, Math.min(from, to), y, Math.abs(to - from), h, 0, "", tone));
    }

    void line(double x, double y, double w, double h) {
        add(new Shape("line " + x + " " + y, Kind.LINE, x, y, w, h, 0, "", Tone.PLAIN));
    }

    /** @param middle where the middle of the text is, at its foot */
    void text(String key, double middle, double foot, double size, String text, Tone tone) {
        add(new Shape(key, Kind.TEXT, middle, foot, 0, 0, size, text, tone));
    }

    private void add(Shape shape) {
        shapes.add(shape);
        boolean text = shape.kind() == Kind.TEXT;
        // Letters are a little over half as wide as they are high.
        double reach = text ? shape.text().length() * shape.size() * 0.3 : shape.width();
        width = Math.max(width, shape.x() + reach + MARGIN);
        height = Math.max(height, shape.y() + shape.height() + MARGIN);
    }

    /** Ends the frame that begins with a step. */
    void frame(int step, String words) {
        frames.add(new Frame(step, words, shapes));
        shapes = new ArrayList<>();
    }

    Picture picture() {
        return new Picture(kind, width, height, frames, null);
    }
}
