package bemble.core.scan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Fits a question to its own printed lines, since a page is never quite flat: first the whole of it is moved to where most of its lines are
 * borne out, then each piece of a line says how far off it still is, and the bend that fits most of them is taken. What is not borne out is
 * refused rather than misplaced.
 */
public final class GridFit {
    /** How far from where the corners say a line is looked for, in sides of a square: well under a half. */
    private static final double REACH = 0.3;
    private static final double STEP = 0.1;
    /** How far beside a line it has to be lighter, in millimetres. */
    private static final double BESIDE = 0.8;
    private static final double FINER = 0.6;
    /** A piece bears a fit out where it is so near to it, in millimetres. */
    private static final double NEAR = 0.28;
    private static final double LEAST_DARKER = 5;
    private static final double LEAST_SHARE = 0.7;
    private static final int SAMPLES = 9;
    private static final int MOST_PIECES = 90;

    private final GreyRaster picture;
    private final PagePlace page;
    private final ReadField field;

    private GridFit(GreyRaster picture, PagePlace page, ReadField field) {
        this.picture = picture;
        this.page = page;
        this.field = field;
    }

    /** A piece of a line, one square long, from its middle. */
    private record Piece(double x, double y, boolean upright) {}

    /** How far off a piece was seen. */
    private record Seen(Piece piece, double off, double darker) {}

    /**
     * Where the question's places really are.
     *
     * @param page where its corners say that they are
     * @return nothing where too little of its lines is seen there
     */
    public static Optional<PagePlace> of(GreyRaster picture, PagePlace page, ReadField field) {
        return new GridFit(picture, page, field).fit();
    }

    private Optional<PagePlace> fit() {
        List<Piece> upright = pieces(true);
        List<Piece> level = pieces(false);
        double reach = field.side() * REACH;
        double right = common(upright, reach);
        double down = common(level, reach);
        List<Seen> seenUpright = seen(upright, right);
        List<Seen> seenLevel = seen(level, down);
        double[] bendRight = bend(seenUpright);
        double[] bendDown = bend(seenLevel);
        long borneOut = borneOut(seenUpright, bendRight) + borneOut(seenLevel, bendDown);
        if (borneOut < LEAST_SHARE * (upright.size() + level.size())) {
            return Optional.empty();
        }
        return Optional.of((x, y) -> page.of(x + value(bendRight, x, y), y + value(bendDown, x, y)));
    }

    private List<Piece> pieces(boolean upright) {
        List<Piece> pieces = new ArrayList<>();
        double side = field.side();
        for (int column = 0; column <= field.columns(); column++) {
            for (int row = 0; row <= field.rows(); row++) {
                if (upright && row < field.rows()) {
                    pieces.add(new Piece(field.x() + column * side, field.y() + (row + 0.5) * side, true));
                } else if (!upright && column < field.columns()) {
                    pieces.add(new Piece(field.x() + (column + 0.5) * side, field.y() + row * side, false));
                }
            }
        }
        int every = Math.max(1, pieces.size() / MOST_PIECES);
        List<Piece> some = new ArrayList<>();
        for (int i = 0; i < pieces.size(); i += every) {
            some.add(pieces.get(i));
        }
        return some;
    }

    /** By how much a piece is darker than the paper on both its sides, moved across itself so far. */
    private double darker(Piece piece, double off) {
        return (shade(piece, off - BESIDE) + shade(piece, off + BESIDE)) / 2 - shade(piece, off);
    }

    private double shade(Piece piece, double off) {
        double sum = 0;
        for (int i = 0; i < SAMPLES; i++) {
            double along = ((i + 0.5) / SAMPLES - 0.5) * 0.8 * field.side();
            PagePlace.Pixel pixel = piece.upright() ? page.of(piece.x() + off, piece.y() + along)
                    : page.of(piece.x() + along, piece.y() + off);
            sum += picture.between(pixel.x(), pixel.y());
        }
        return sum / SAMPLES;
    }

    /** How far all pieces together have moved. */
    private double common(List<Piece> pieces, double reach) {
        double best = Double.NEGATIVE_INFINITY;
        double where = 0;
        for (double off = -reach; off <= reach; off += STEP) {
            double sum = 0;
            for (Piece piece : pieces) {
                sum += Math.max(-10, Math.min(40, darker(piece, off)));
            }
            // A tie goes to where the corners say.
            double worth = sum / pieces.size() - Math.abs(off) * 0.4;
            if (worth > best) {
                best = worth;
                where = off;
            }
        }
        return where;
    }

    private List<Seen> seen(List<Piece> pieces, double about) {
        List<Seen> seen = new ArrayList<>();
        for (Piece piece : pieces) {
            double best = LEAST_DARKER;
            double where = Double.NaN;
            for (double off = about - FINER; off <= about + FINER; off += STEP) {
                double darker = darker(piece, off);
                if (darker > best) {
                    best = darker;
                    where = off;
                }
            }
            if (!Double.isNaN(where)) {
                seen.add(new Seen(piece, where, Math.min(best, 40)));
            }
        }
        return seen;
    }

    /** How far off places are across the question: a number, and how it grows rightwards, downwards and with both. */
    private double[] bend(List<Seen> seen) {
        double[] bend = new double[4];
        List<Seen> used = seen;
        for (double near : new double[] {Double.MAX_VALUE, 0.4, NEAR}) {
            double[] last = bend;
            used = used.stream().filter(each -> near == Double.MAX_VALUE || off(each, last) < near).toList();
            if (used.size() < 6) {
                return bend;
            }
            double[][] sums = new double[4][5];
            for (Seen each : used) {
                double[] row = row(each.piece().x(), each.piece().y());
                for (int i = 0; i < 4; i++) {
                    for (int j = 0; j < 4; j++) {
                        sums[i][j] += each.darker() * row[i] * row[j];
                    }
                    sums[i][4] += each.darker() * row[i] * each.off();
                }
            }
            for (int i = 0; i < 4; i++) {
                // Without much to go by it bends little.
                sums[i][i] += i == 0 ? 0.01 : 8;
            }
            bend = Linear.solve(sums);
        }
        return bend;
    }

    private double[] row(double x, double y) {
        double right = 2 * (x - field.x()) / (field.columns() * field.side()) - 1;
        double down = 2 * (y - field.y()) / (field.rows() * field.side()) - 1;
        return new double[] {1, right, down, right * down};
    }

    private double value(double[] bend, double x, double y) {
        double[] row = row(x, y);
        return bend[0] + bend[1] * row[1] + bend[2] * row[2] + bend[3] * row[3];
    }

    private double off(Seen seen, double[] bend) {
        return Math.abs(seen.off() - value(bend, seen.piece().x(), seen.piece().y()));
    }

    private long borneOut(List<Seen> seen, double[] bend) {
        return seen.stream().filter(each -> off(each, bend) < NEAR).count();
    }
}
