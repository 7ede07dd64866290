package bemble.core.practice;

import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.problem.Problem.Subtraction;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Builds subtractions column by column from the ones on, in the states that an exchange leaves behind. */
final class SubtractionGrower implements Grower {
    private final Wishes wishes;
    private final List<Lengths> possible = new ArrayList<>();
    private final Map<Lengths, ColumnDraw<State, Pair>> draws = new HashMap<>();

    private record Lengths(int minuend, int subtrahend) {}

    private record Pair(int top, int bottom) {}

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
                if (wishes.allows(Feature.UNEVEN_LENGTHS, minuend != subtrahend) && draw(lengths).isPossible()) {
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
        List<Pair> columns = draw(possible.get(random.nextInt(possible.size()))).draw(random);
        StringBuilder minuend = new StringBuilder();
        StringBuilder subtrahend = new StringBuilder();
        for (Pair pair : columns) {
            minuend.insert(0, pair.top());
            subtrahend.insert(0, pair.bottom());
        }
        Numeral top = Numeral.of(minuend.toString());
        Numeral bottom = Numeral.of(subtrahend.toString());
        // A number less itself teaches nothing.
        return top.equals(bottom) ? Optional.empty() : Optional.of(new Subtraction(top, bottom));
    }

    private ColumnDraw<State, Pair> draw(Lengths lengths) {
        return draws.computeIfAbsent(lengths, each -> new ColumnDraw<>(new Rules(each)));
    }

    private final class Rules implements ColumnDraw.Rules<State, Pair> {
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
        public List<ColumnDraw.Move<State, Pair>> moves(int column, State state) {
            List<ColumnDraw.Move<State, Pair>> moves = new ArrayList<>();
            int leastBottom = column == lengths.subtrahend() - 1 ? 1 : 0;
            int mostBottom = column < lengths.subtrahend() ? 9 : 0;
            for (int top = column == lengths.minuend() - 1 ? 1 : 0; top <= 9; top++) {
                for (int bottom = leastBottom; bottom <= mostBottom; bottom++) {
                    State next = after(state, top, bottom);
                    if (exchanges.mayGoOn(next.exchanges()) && zeros.mayGoOn(next.mostZeros())) {
                        moves.add(new ColumnDraw.Move<>(0.01, new Pair(top, bottom), next));
                    }
                }
            }
            return moves;
        }

        private State after(State state, int top, int bottom) {
            if (state.owed() && top == 0) {
                int passed = zeros.after(state.zeros(), 1);
                return new State(true, passed, state.exchanges(), Math.max(state.mostZeros(), passed));
            }
            boolean needsTen = (state.owed() ? top - 1 : top) < bottom;
            return new State(needsTen, 0, exchanges.after(state.exchanges(), needsTen ? 1 : 0), state.mostZeros());
        }

        @Override
        public boolean mayEnd(State state) {
            return !state.owed() && exchanges.wish().allows(state.exchanges())
                    && zeros.wish().allows(state.mostZeros());
        }
    }
}
