package bemble.core.handwriting;

import bemble.core.scan.GreyRaster;
import bemble.core.scan.Homography;
import bemble.core.scan.Homography.Pair;
import bemble.core.scan.PagePlace;
import bemble.core.scan.PagePlace.Pixel;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;

/** Spoils the picture of a page as a scanner or a phone does: turned, askew, bent, unsharp, uneven in light, with grain. */
public final class Scanning {
    /** What takes the picture. */
    public enum Device {
        FLATBED_150(150),
        FLATBED_200(200),
        FLATBED_300(300),
        PHONE(190),
        BAD_PHONE(150);

        private final int dpi;

        Device(int dpi) {
            this.dpi = dpi;
        }

        boolean isPhone() {
            return this == PHONE || this == BAD_PHONE;
        }
    }

    private static final double MILLIMETRES_AN_INCH = 25.4;

    private final Device device;
    private final RandomGenerator random;

    public Scanning(Device device, RandomGenerator random) {
        this.device = device;
        this.random = random;
    }

    /**
     * A page as it is seen.
     *
     * @param place where its places lie in the picture, if it were not bent
     */
    public record Seen(GreyRaster picture, PagePlace place) {}

    /**
     * The page as it is seen.
     *
     * @param page its picture as drawn
     * @param scale how many pixels of that are a millimetre
     */
    public Seen of(GreyRaster page, double scale) {
        double width = page.width() / scale;
        double height = page.height() / scale;
        double dots = device.dpi / MILLIMETRES_AN_INCH;
        double edge = device.isPhone() ? 14 : 0;
        int across = (int) Math.round((width + 2 * edge) * dots);
        int down = (int) Math.round((height + 2 * edge) * dots);
        List<Pair> corners = corners(width, height, edge, dots);
        Homography back = Homography.through(corners);
        double bend = device == Device.PHONE ? random.nextGaussian() * 0.6 : device == Device.BAD_PHONE
                ? random.nextGaussian() * 3 : 0;
        double bendAt = random.nextDouble() * Math.PI;
        GreyRaster seen = GreyRaster.white(across, down);
        double white = device.isPhone() ? 150 + random.nextDouble() * 80 : 235 + random.nextDouble() * 20;
        white -= device == Device.BAD_PHONE ? 50 : 0;
        double black = 10 + random.nextDouble() * 25;
        double slopeX = device.isPhone() ? random.nextGaussian() * 40 / across : 0;
        double slopeY = device.isPhone() ? random.nextGaussian() * 40 / down : 0;
        double[] grain = grain(device.isPhone() ? 5 : 3);
        int table = random.nextInt(65_536);
        for (int y = 0; y < down; y++) {
            for (int x = 0; x < across; x++) {
                Pixel at = back.of(x, y);
                double mx = at.x();
                double my = at.y() + bend * Math.sin(mx / width * 2 * Math.PI + bendAt);
                boolean onPage = mx >= 0 && my >= 0 && mx < width && my < height;
                double shade = onPage ? page.between(mx * scale, my * scale) : 140;
                double light = white + slopeX * (x - across / 2.0) + slopeY * (y - down / 2.0);
                double value = black + shade / GreyRaster.WHITE * (light - black) + grain[table++ & grain.length - 1];
                seen.set(x, y, (int) Math.max(0, Math.min(GreyRaster.WHITE, Math.round(value))));
            }
        }
        GreyRaster picture = seen;
        for (int time = 0; time < (device == Device.BAD_PHONE ? 2 : device.isPhone() ? 1 : 0); time++) {
            picture = picture.unsharp();
        }
        return new Seen(picture,
                Homography.through(corners.stream().map(pair -> new Pair(pair.seen().x(), pair.seen().y(),
                        new Pixel(pair.x(), pair.y()))).toList()));
    }

    /** The pixels where the page's corners are seen, each with the corner in millimetres. */
    private List<Pair> corners(double width, double height, double edge, double dots) {
        double turn = random.nextGaussian() * (device.isPhone() ? 0.03 : 0.008);
        boolean upsideDown = random.nextDouble() < 0.12;
        double askew = device == Device.PHONE ? 6 : device == Device.BAD_PHONE ? 11 : 0;
        double[][] corners = {{0, 0}, {width, 0}, {0, height}, {width, height}};
        List<Pair> pairs = new ArrayList<>();
        for (double[] corner : corners) {
            double u = corner[0] - width / 2;
            double v = corner[1] - height / 2;
            double x = u * Math.cos(turn) - v * Math.sin(turn);
            double y = u * Math.sin(turn) + v * Math.cos(turn);
            if (upsideDown) {
                x = -x;
                y = -y;
            }
            double px = (width / 2 + edge + x + (random.nextDouble() - 0.5) * askew) * dots;
            double py = (height / 2 + edge + y + (random.nextDouble() - 0.5) * askew) * dots;
            pairs.add(new Pair(px, py, new Pixel(corner[0], corner[1])));
        }
        return pairs;
    }

    private double[] grain(double much) {
        double[] grain = new double[65_536];
        for (int i = 0; i < grain.length; i++) {
            grain[i] = random.nextGaussian() * much;
        }
        return grain;
    }
}
