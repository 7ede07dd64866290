package bemble.core.scan;

import java.util.Arrays;

/**
 * A picture in shades of grey, a byte a pixel: 0 is black, 255 white. Bytes, since a page at 300 dpi has nine million pixels.
 *
 * @param pixels row by row from the upper left
 */
public record GreyRaster(int width, int height, byte[] pixels) {
    public static final int WHITE = 255;

    public GreyRaster {
        if (width < 1 || height < 1 || pixels.length != width * height) {
            throw new IllegalArgumentException(width + " x " + height + " pixels are not " + pixels.length);
        }
    }

    public static GreyRaster white(int width, int height) {
        byte[] pixels = new byte[width * height];
        Arrays.fill(pixels, (byte) WHITE);
        return new GreyRaster(width, height, pixels);
    }

    /** The shade of a pixel; outside the picture that of its edge. */
    public int at(int x, int y) {
        int column = x < 0 ? 0 : x >= width ? width - 1 : x;
        int row = y < 0 ? 0 : y >= height ? height - 1 : y;
        return pixels[row * width + column] & 255;
    }

    public void set(int x, int y, int shade) {
        pixels[y * width + x] = (byte) shade;
    }

    /** The shade at a place between pixels, whose middles are at whole numbers. */
    public double between(double x, double y) {
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        double right = x - left;
        double down = y - top;
        return (at(left, top) * (1 - right) + at(left + 1, top) * right) * (1 - down)
                + (at(left, top + 1) * (1 - right) + at(left + 1, top + 1) * right) * down;
    }

    /** The same picture a little out of focus. */
    public GreyRaster unsharp() {
        byte[] blurred = new byte[pixels.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int sum = 4 * at(x, y) + 2 * (at(x - 1, y) + at(x + 1, y) + at(x, y - 1) + at(x, y + 1))
                        + at(x - 1, y - 1) + at(x + 1, y - 1) + at(x - 1, y + 1) + at(x + 1, y + 1);
                blurred[y * width + x] = (byte) (sum / 16);
            }
        }
        return new GreyRaster(width, height, blurred);
    }

    /** The same picture made smaller by a whole factor, each pixel the mean of those it stands for. */
    public GreyRaster smaller(int factor) {
        int across = Math.max(1, width / factor);
        int down = Math.max(1, height / factor);
        byte[] means = new byte[across * down];
        for (int y = 0; y < down; y++) {
            for (int x = 0; x < across; x++) {
                int sum = 0;
                for (int dy = 0; dy < factor; dy++) {
                    for (int dx = 0; dx < factor; dx++) {
                        sum += at(x * factor + dx, y * factor + dy);
                    }
                }
                means[y * across + x] = (byte) (sum / (factor * factor));
            }
        }
        return new GreyRaster(across, down, means);
    }
}
