package bemble.core.practice.growing;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Tally;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Subtraction;
import bemble.core.problem.Problem;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ConcurrentHashMap;

/** Builds subtractions column by column from the ones on, in the states that an exchange leaves behind. */
final class SubtractionGrower implements Grower {
    private final Wishes wishes;
    private final List<Lengths> possible = new ArrayList<>();
    private final Map<Lengths, ColumnDraw<State, Fill>> draws = new HashMap<>();

    private record Lengths(int minuend, int subtrahend) {}

    private record Pair(int top, int bottom) {}

    /** What a column does. */
    private enum Deed {
        /** Its 0 passes the ten on. */
        PASS,
        ENOUGH,
        NEEDS_TEN
    }

    /** What is known of a column before its digits are chosen. */
    private record Column(boolean owed, boolean leadsAbove, int leastBottom, int mostBottom) {
        List<Pair> pairs(Deed deed) {
            return PAIRS.computeIfAbsent(new Fill(this, deed), Fill::pairs);
        }
    }

    /** A column and what it does; which of the digits that do so is chosen afterwards. */
    private record Fill(Column column, Deed deed) {
        private static Deed deed(Column column, int top, int bottom) {
            if (column.owed() && top == 0) {
                return Deed.PASS;
            }
            return (column.owed() ? top - 1 : top) < bottom ? Deed.NEEDS_TEN : Deed.ENOUGH;
        }

        private List<Pair> pairs() {
            List<Pair> pairs = new ArrayList<>();
            for (int top = column.leadsAbove() ? 1 : 0; top <= 9; top++) {
                for (int bottom = column.leastBottom(); bottom <= column.mostBottom(); bottom++) {
                    if (deed(column, top, bottom) == deed) {
                        pairs.add(new Pair(top, bottom));
                    }
                }
            }
            return pairs;
        }
    }

    private static final Map<Fill, List<Pair>> PAIRS = new ConcurrentHashMap<>();

    /**
     * @param owed whether a ten was taken that this column, or the next that is not 0, has to give
     * @param zeros the zeros that this exchange has passed so far
     */
    private record State(boolean owed, int zeros, int exchanges, int mostZeros) {}

    SubtractionGrower(Wishes wishes) {
        this.wishes = wishes;
        Wish minuends = wishes.or(Feature.DIGITS, 2, 4);
        Wish subtrahends = wishes.or(Feature.SUBTRAHEND_DIGITS, 1, 4);
        for (int minuend = minuends.min(); minuend <= minuends.max(); minuend++) {
            for (int subtrahend = subtrahends.min(); subtrahend <= Math.min(minuend, subtrahends.max()); subtrahend++) {
                Lengths lengths = new Lengths(minuend, subtrahend);
                if (wishes.allows(Feature.UNEVEN_LENGTHS, minuend != subtrahend) && isPossible(lengths)) {
                    possible.add(lengths);
                }
            }
        }
    }

    @Override
    public boolean isPossible() {
        return !possible.isEmpty();
    }

    @Override
    public Optional<Problem> grow(Random random) {
        List<Fill> columns = draw(possible.get(random.nextInt(possible.size()))).draw(random);
        StringBuilder minuend = new StringBuilder();
        StringBuilder subtrahend = new StringBuilder();
        for (Fill fill : columns) {
            List<Pair> pairs = fill.column().pairs(fill.deed());
            Pair pair = pairs.get(random.nextInt(pairs.size()));
            minuend.insert(0, pair.top());
            subtrahend.insert(0, pair.bottom());
        }
        Numeral top = Numeral.of(minuend.toString());
        Numeral bottom = Numeral.of(subtrahend.toString());
        // A number less itself teaches nothing.
        return top.equals(bottom) ? Optional.empty() : Optional.of(new Subtraction(top, bottom));
    }

    /**
     * Whether numbers of these lengths can meet the wishes. Every column under which something is taken away can need a
     * ten but the highest; zeros that are passed take the place of columns that could, and need one column to give.
     */
    private boolean isPossible(Lengths lengths) {
        Wish exchanges = wishes.or(Feature.EXCHANGES, 0, lengths.minuend());
        Wish zeros = wishes.or(Feature.ACROSS_ZEROS, 0, lengths.minuend());
        int most = Math.min(lengths.subtrahend(), lengths.minuend() - 1);
        int passed = Math.max(1, zeros.min());
        boolean without = zeros.min() == 0 && exchanges.min() <= most;
        boolean across = zeros.max() >= passed && exchanges.max() >= 1 && most >= 1
                && Math.max(1, exchanges.min()) <= Math.min(most, lengths.minuend() - 1 - passed);
        return without || across;
    }

    private ColumnDraw<State, Fill> draw(Lengths lengths) {
        return draws.computeIfAbsent(lengths, each -> new ColumnDraw<>(new Rules(each)));
    }

    private final class Rules implements ColumnDraw.Rules<State, Fill> {
        private final Lengths lengths;
        private final Tally exchanges;
        private final Tally zeros;

        Rules(Lengths lengths) {
            this.lengths = lengths;
            this.exchanges = new Tally(wishes.or(Feature.EXCHANGES, 0, lengths.minuend()), lengths.minuend());
            this.zeros = new Tally(wishes.or(Feature.ACROSS_ZEROS, 0, lengths.minuend()), lengths.minuend());
        }

        @Override
        public int columns() {
            return lengths.minuend();
        }

        @Override
        public State start() {
            return new State(false, 0, 0, 0);
        }

        @Override
        public List<ColumnDraw.Move<State, Fill>> moves(int place, State state) {
            Column column = new Column(state.owed(), place == lengths.minuend() - 1,
                    place == lengths.subtrahend() - 1 ? 1 : 0, place < lengths.subtrahend() ? 9 : 0);
            List<ColumnDraw.Move<State, Fill>> moves = new ArrayList<>();
            for (Deed deed : Deed.values()) {
                State next = after(state, deed);
                int ways = column.pairs(deed).size();
                if (ways > 0 && exchanges.mayGoOn(next.exchanges()) && zeros.mayGoOn(next.mostZeros())) {
                    moves.add(new ColumnDraw.Move<>(ways / 100.0, new Fill(column, deed), next));
                }
            }
            return moves;
        }

        private State after(State state, Deed deed) {
            if (deed == Deed.PASS) {
                int passed = zeros.after(state.zeros(), 1);
                return new State(true, passed, state.exchanges(), Math.max(state.mostZeros(), passed));
            }
            boolean needsTen = deed == Deed.NEEDS_TEN;
            return new State(needsTen, 0, exchanges.after(state.exchanges(), needsTen ? 1 : 0), state.mostZeros());
        }

        @Override
        public boolean mayEnd(State state) {
            return !state.owed() && exchanges.wish().allows(state.exchanges())
                    && zeros.wish().allows(state.mostZeros());
        }
    }
}
