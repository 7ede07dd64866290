package bemble.core.practice.growing;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Tally;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.Addition;
import bemble.core.problem.Problem;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/** Builds additions column by column from the ones on: first what each carries, then digits that come to that. */
final class AdditionGrower implements Grower {
    private static final int RANDOM_LENGTHS = 8;
    /** Counting the ways to fill columns takes time; beyond so many shapes those known are taken again. */
    private static final int MOST_SHAPES = 24;
    private static final int FEWEST_SHAPES = 4;
    /** The longer and the more the numbers, the fewer shapes. */
    private static final int SHAPES_TIMES_DIGITS = 2400;

    private final Wishes wishes;
    private final Wish addends;
    private final Wish digits;
    private final DigitTotals totals = new DigitTotals();
    private final Map<List<Integer>, ColumnDraw<State, Integer>> draws = new HashMap<>();
    private final AdditionReach reach;
    private final int mostShapes;
    /** The shapes that were found possible. */
    private final List<List<Integer>> shapes = new ArrayList<>();

    private record State(int carry, int carries, int run, int longestRun) {}

    AdditionGrower(Wishes wishes) {
        this.wishes = wishes;
        this.addends = wishes.or(Feature.ADDENDS, 2, 2);
        this.digits = wishes.or(Feature.DIGITS, 2, 4);
        this.reach = new AdditionReach(wishes, addends, digits);
        this.mostShapes = Math.max(FEWEST_SHAPES, Math.min(MOST_SHAPES,
                SHAPES_TIMES_DIGITS / (addends.max() * digits.max())));
    }

    @Override
    public boolean isPossible() {
        return reach.isPossible();
    }

    @Override
    public Optional<Problem> grow(Random random) {
        List<Integer> lengths = new ArrayList<>(shape(random));
        Collections.shuffle(lengths, random);
        ColumnDraw<State, Integer> draw = draw(lengths);
        return draw.isPossible() ? Optional.of(addition(lengths, totals(lengths, draw.draw(random), random), random))
                : Optional.empty();
    }

    /** Random lengths where they can meet the wishes; else such as are known to, or are found by the bounds. */
    private List<Integer> shape(Random random) {
        for (int i = 0; i < RANDOM_LENGTHS && draws.size() < mostShapes; i++) {
            List<Integer> tried = random.ints(addends.draw(random), digits.min(), digits.max() + 1).boxed().toList();
            if (isPossible(tried)) {
                shapes.add(tried);
                return tried;
            }
        }
        if (shapes.size() < mostShapes) {
            shapes.add(reach.lengths(random));
            return shapes.get(shapes.size() - 1);
        }
        return shapes.get(random.nextInt(shapes.size()));
    }

    /** What each column comes to, so that it carries what was drawn for it. */
    private List<Integer> totals(List<Integer> lengths, List<Integer> carries, Random random) {
        List<Integer> totals = new ArrayList<>();
        int carryIn = 0;
        for (int column = 0; column < carries.size(); column++) {
            int carry = carries.get(column);
            totals.add(this.totals.between(10 * carry - carryIn, 10 * carry + 9 - carryIn, present(lengths, column),
                    leading(lengths, column), random));
            carryIn = carry;
        }
        return totals;
    }

    private static int present(List<Integer> lengths, int column) {
        return (int) lengths.stream().filter(length -> length > column).count();
    }

    private static int leading(List<Integer> lengths, int column) {
        return (int) lengths.stream().filter(length -> length == column + 1).count();
    }

    /** The sums written out: each column's total given out among the numbers that have a digit there. */
    private Addition addition(List<Integer> lengths, List<Integer> columnTotals, Random random) {
        List<StringBuilder> numbers = lengths.stream().map(length -> new StringBuilder()).toList();
        for (int column = 0; column < columnTotals.size(); column++) {
            int place = column;
            List<Integer> present =
                    IntStream.range(0, lengths.size()).filter(i -> lengths.get(i) > place).boxed().toList();
            int rest = columnTotals.get(column);
            for (int i = 0; i < present.size(); i++) {
                List<Integer> after = present.subList(i + 1, present.size());
                int leading = (int) after.stream().filter(each -> lengths.get(each) == place + 1).count();
                boolean isLeading = lengths.get(present.get(i)) == place + 1;
                int digit = totals.digit(rest, isLeading, after.size(), leading, random);
                numbers.get(present.get(i)).insert(0, digit);
                rest -= digit;
            }
        }
        return new Addition(numbers.stream().map(number -> Numeral.of(number.toString())).toList());
    }

    private boolean isPossible(List<Integer> lengths) {
        boolean uneven = lengths.stream().distinct().count() > 1;
        return wishes.allows(Feature.UNEVEN_LENGTHS, uneven) && draw(lengths).isPossible();
    }

    private ColumnDraw<State, Integer> draw(List<Integer> lengths) {
        return draws.computeIfAbsent(lengths.stream().sorted().toList(), each -> new ColumnDraw<>(new Rules(each)));
    }

    /** What a column may carry when so many digits stand in it. */
    private final class Rules implements ColumnDraw.Rules<State, Integer> {
        private final List<Integer> lengths;
        private final int columns;
        private final Tally carries;
        private final Tally chain;

        Rules(List<Integer> lengths) {
            this.lengths = lengths;
            this.columns = Collections.max(lengths);
            this.carries = new Tally(wishes.or(Feature.CARRIES, 0, columns), columns);
            this.chain = new Tally(wishes.or(Feature.CHAIN, 0, columns), columns);
        }

        @Override
        public int columns() {
            return columns;
        }

        @Override
        public State start() {
            return new State(0, 0, 0, 0);
        }

        @Override
        public List<ColumnDraw.Move<State, Integer>> moves(int column, State state) {
            int present = present(lengths, column);
            int leading = leading(lengths, column);
            List<ColumnDraw.Move<State, Integer>> moves = new ArrayList<>();
            for (int carry = 0; 10 * carry <= 9 * present + state.carry(); carry++) {
                double share =
                        totals.share(present, leading, 10 * carry - state.carry(), 10 * carry + 9 - state.carry());
                boolean newPlace = carry > 0 && column == columns - 1;
                State next = after(state, carry);
                if (carries.mayGoOn(next.carries()) && chain.mayGoOn(next.longestRun())
                        && (column < columns - 1 || wishes.allows(Feature.NEW_PLACE, newPlace))) {
                    moves.add(new ColumnDraw.Move<>(share, carry, next));
                }
            }
            return moves;
        }

        private State after(State state, int carry) {
            int run = carry == 0 ? 0 : chain.after(state.run(), 1);
            return new State(carry, carries.after(state.carries(), carry == 0 ? 0 : 1), run,
                    Math.max(state.longestRun(), run));
        }

        @Override
        public boolean mayEnd(State state) {
            return carries.wish().allows(state.carries()) && chain.wish().allows(state.longestRun());
        }
    }
}
