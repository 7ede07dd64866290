package bemble.core.scan;

import java.util.Arrays;
import java.util.List;

/**
 * An answer read from its squares. What a child may well have written chooses between figures that the ink allows, and never overrules the
 * ink: an answer that is wrong in truth must not be read as the right one.
 *
 * @param kinds for each square what stands there, a figure or {@link FigureChances#EMPTY}
 * @param sure how sure that is, from 0 to 1
 * @param without what the ink alone says
 */
public record AnswerRead(int[] kinds, double sure, int[] without) {
    /** With less a square does not allow a figure, whatever else speaks for it. */
    private static final double LEAST_INK = 0.3;
    /** What is neither right nor known to be written. */
    private static final double ANYTHING_ELSE = 0.15;
    private static final int FIGURES_OR_NOTHING = 11;
    /** A reading that is less sure is asked about. */
    private static final double SURE = 0.98;

    /**
     * Something a child may have written.
     *
     * @param kinds for each square a figure or {@link FigureChances#EMPTY}
     * @param chance how likely that is before anything is read
     */
    public record Likely(int[] kinds, double chance) {}

    /** Whether somebody is to look at it before it counts. */
    public boolean isDoubtful() {
        return sure < SURE;
    }

    /**
     * Reads an answer.
     *
     * @param squares what may stand in each of its squares, by the ink alone
     * @param likely what may well have been written; with {@link #ANYTHING_ELSE} their chances are 1
     */
    public static AnswerRead of(List<FigureChances> squares, List<Likely> likely) {
        int[] ink = squares.stream().mapToInt(AnswerRead::bestFigure).toArray();
        double inkSure = chance(squares, ink);
        double elsewhere = ANYTHING_ELSE * Math.pow(FIGURES_OR_NOTHING, -squares.size());
        double all = elsewhere;
        double best = 0;
        int[] bestKinds = null;
        double sameAsInk = 0;
        for (Likely each : likely) {
            double worth = each.chance() * chance(squares, each.kinds());
            all += worth;
            if (Arrays.equals(each.kinds(), ink)) {
                sameAsInk += worth;
            }
            if (worth > best && allowed(squares, each.kinds())) {
                best = worth;
                bestKinds = each.kinds();
            }
        }
        if (sameAsInk > 0) {
            // Where what is likely and the ink agree the ink has only to be clear enough.
            return new AnswerRead(ink, Math.min((sameAsInk + elsewhere * inkSure) / all, clear(squares, ink)), ink);
        }
        if (bestKinds != null && best > elsewhere * inkSure) {
            return new AnswerRead(bestKinds, Math.min(best / all, clear(squares, bestKinds)), ink);
        }
        return new AnswerRead(ink, inkSure, ink);
    }

    /** What most likely stands there, be it nothing; what is no figure is told by how unsure that is. */
    private static int bestFigure(FigureChances chances) {
        int best = FigureChances.EMPTY;
        for (int kind = 0; kind < FigureChances.EMPTY; kind++) {
            if (chances.of(kind) > chances.of(best)) {
                best = kind;
            }
        }
        return best;
    }

    private static double chance(List<FigureChances> squares, int[] kinds) {
        double chance = 1;
        for (int i = 0; i < kinds.length; i++) {
            chance *= squares.get(i).of(kinds[i]);
        }
        return chance;
    }

    private static boolean allowed(List<FigureChances> squares, int[] kinds) {
        for (int i = 0; i < kinds.length; i++) {
            if (squares.get(i).of(kinds[i]) < LEAST_INK) {
                return false;
            }
        }
        return true;
    }

    /** How clear the least clear square is: full marks from a half on, since what else speaks for the answer counts too. */
    private static double clear(List<FigureChances> squares, int[] kinds) {
        double least = 1;
        for (int i = 0; i < kinds.length; i++) {
            least = Math.min(least, squares.get(i).of(kinds[i]));
        }
        return Math.min(1, 0.5 + least);
    }
}
