package bemble.core.practice.growing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * Draws what stands in a row of columns, from the ones on, so that every way to fill them that keeps the rules is
 * equally likely. Nothing is thrown away: how many ways lead on from each state is counted beforehand.
 *
 * @param <S> all that one column must know of those before it
 * @param <P> what is put into a column
 */
final class ColumnDraw<S, P> {
    /**
     * One way to fill a column.
     *
     * @param weight in how many ways that can be done, as a share of all
     */
    record Move<S, P>(double weight, P put, S next) {}

    /** The rules that the columns keep. */
    interface Rules<S, P> {
        int columns();

        S start();

        /** What may be put into that column. */
        List<Move<S, P>> moves(int column, S state);

        /** Whether the last column may leave this state. */
        boolean mayEnd(S state);
    }

    private record At<S>(int column, S state) {}

    private final Rules<S, P> rules;
    private final Map<At<S>, Double> counted = new HashMap<>();

    ColumnDraw(Rules<S, P> rules) {
        this.rules = rules;
    }

    boolean isPossible() {
        return ways(0, rules.start()) > 0;
    }

    /** The columns filled, from the ones on; only where that {@link #isPossible()}. */
    List<P> draw(Random random) {
        List<P> filled = new ArrayList<>();
        S state = rules.start();
        for (int column = 0; column < rules.columns(); column++) {
            Move<S, P> move = choose(column, state, random);
            filled.add(move.put());
            state = move.next();
        }
        return filled;
    }

    private Move<S, P> choose(int column, S state, Random random) {
        double left = random.nextDouble() * ways(column, state);
        @Nullable
        Move<S, P> chosen = null;
        for (Move<S, P> move : rules.moves(column, state)) {
            double ways = move.weight() * ways(column + 1, move.next());
            if (ways > 0) {
                chosen = move;
                left -= ways;
                if (left < 0) {
                    break;
                }
            }
        }
        return Objects.requireNonNull(chosen, "nothing fits a column");
    }

    private double ways(int column, S state) {
        if (column == rules.columns()) {
            return rules.mayEnd(state) ? 1 : 0;
        }
        At<S> at = new At<>(column, state);
        Double known = counted.get(at);
        if (known != null) {
            return known;
        }
        double ways = 0;
        for (Move<S, P> move : rules.moves(column, state)) {
            ways += move.weight() * ways(column + 1, move.next());
        }
        counted.put(at, ways);
        return ways;
    }
}
