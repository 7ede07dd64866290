package bemble.core.practice;

import bemble.core.problem.Numeral;
import bemble.core.problem.Problem;
import bemble.core.problem.Problem.Addition;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;

/** Builds additions column by column from the ones on, each column's total chosen so that the wishes can be met. */
final class AdditionGrower implements Grower {
    private static final int RANDOM_LENGTHS = 8;

    private final Wishes wishes;
    private final Wish addends;
    private final Wish digits;
    private final DigitTotals totals = new DigitTotals();
    private final Map<List<Integer>, ColumnDraw<State, Integer>> draws = new HashMap<>();
    private List<List<Integer>> typical;

    private record State(int carry, int carries, int run, int longestRun) {}

    AdditionGrower(Wishes wishes) {
        this.wishes = wishes;
        this.addends = wishes.or(Feature.ADDENDS, 2, 2);
        this.digits = wishes.or(Feature.DIGITS, 2, 4);
    }

    @Override
    public boolean isPossible() {
        return typicalLengths(true).findAny().isPresent();
    }

    @Override
    public Optional<Problem> grow(Random random) {
        List<Integer> lengths = null;
        for (int i = 0; i < RANDOM_LENGTHS && lengths == null; i++) {
            List<Integer> tried = random.ints(between(addends, random), digits.min(), digits.max() + 1).boxed().toList();
            lengths = isPossible(tried) ? tried : null;
        }
        if (lengths == null) {
            if (typical == null) {
                typical = typicalLengths(false).toList();
            }
            lengths = new ArrayList<>(typical.get(random.nextInt(typical.size())));
            Collections.shuffle(lengths, random);
        }
        return Optional.of(addition(lengths, draw(lengths).draw(random), random));
    }

    /** The sums written out: each column's total given out among the numbers that have a digit there. */
    private Addition addition(List<Integer> lengths, List<Integer> columnTotals, Random random) {
        List<StringBuilder> numbers = lengths.stream().map(length -> new StringBuilder()).toList();
        for (int column = 0; column < columnTotals.size(); column++) {
            int place = column;
            List<Integer> present = IntStream.range(0, lengths.size()).filter(i -> lengths.get(i) > place).boxed().toList();
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

    /** Lengths that show what is possible: some numbers as long as one length, the rest as long as another. */
    private java.util.stream.Stream<List<Integer>> typicalLengths(boolean fewest) {
        return IntStream.rangeClosed(addends.min(), addends.max()).boxed().flatMap(count ->
                IntStream.rangeClosed(digits.min(), digits.max()).boxed().flatMap(longest ->
                        IntStream.of(digits.min(), longest - 1, longest).filter(other -> other >= digits.min())
                                .distinct().boxed().flatMap(shorter ->
                                        IntStream.rangeClosed(1, count)
                                                .filter(many -> !fewest || many <= 2 || many >= count - 1)
                                                .mapToObj(many -> lengths(count, many, longest, shorter)))))
                .distinct().filter(this::isPossible);
    }

    private static List<Integer> lengths(int count, int many, int longest, int shorter) {
        return IntStream.range(0, count).mapToObj(i -> i < many ? longest : shorter).toList();
    }

    private boolean isPossible(List<Integer> lengths) {
        boolean uneven = lengths.stream().distinct().count() > 1;
        return wishes.allows(Feature.UNEVEN_LENGTHS, uneven) && draw(lengths).isPossible();
    }

    private ColumnDraw<State, Integer> draw(List<Integer> lengths) {
        return draws.computeIfAbsent(lengths.stream().sorted().toList(), each -> new ColumnDraw<>(new Rules(each)));
    }

    static int between(Wish wish, Random random) {
        return wish.min() + random.nextInt(wish.max() - wish.min() + 1);
    }

    /** What a column may come to when so many digits stand in it. */
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
            int present = (int) lengths.stream().filter(length -> length > column).count();
            int leading = (int) lengths.stream().filter(length -> length == column + 1).count();
            List<ColumnDraw.Move<State, Integer>> moves = new ArrayList<>();
            for (int sum = leading; sum <= 9 * present; sum++) {
                int carry = (sum + state.carry()) / 10;
                boolean newPlace = carry > 0 && column == columns - 1;
                State next = after(state, carry);
                if (carries.mayGoOn(next.carries()) && chain.mayGoOn(next.longestRun())
                        && (column < columns - 1 || wishes.allows(Feature.NEW_PLACE, newPlace))) {
                    moves.add(new ColumnDraw.Move<>(totals.share(present, leading, sum), sum, next));
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
