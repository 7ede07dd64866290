package bemble.core.practice.growing;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/**
 * Which additions there can be at all, found by bounds and not by trying: column by column from the ones on, which
 * counts of carries are still within reach from each state, whatever digits the numbers have.
 */
final class AdditionReach {
    private static final int MOST_CARRY = 12;
    private static final long UNKNOWN = -1;
    private final Wishes wishes;
    private final Wish addends;
    private final Wish digits;
    private final Wish carries;
    private final Wish chain;
    /** Runs are told apart up to this length. */
    private final int longestRun;
    private final boolean mayBeEven;
    private final boolean mayBeUneven;
    /** For each state a bit for every count of carries that can still come. */
    private final long[] known;

    /** @param present the numbers that have a digit in this column, {@code all} of them where none has ended yet */
    private record State(int column, int present, boolean all, int carry, int run, boolean longEnough) {}

    AdditionReach(Wishes wishes, Wish addends, Wish digits) {
        this.wishes = wishes;
        this.addends = addends;
        this.digits = digits;
        this.carries = wishes.or(Feature.CARRIES, 0, digits.max());
        this.chain = wishes.or(Feature.CHAIN, 0, digits.max());
        this.longestRun = chain.max() >= digits.max() ? chain.min() : chain.max();
        this.mayBeEven = wishes.allows(Feature.UNEVEN_LENGTHS, false);
        this.mayBeUneven = wishes.allows(Feature.UNEVEN_LENGTHS, true);
        this.known = new long[digits.max() * (addends.max() + 1) * 2 * (MOST_CARRY + 1) * (longestRun + 1) * 2];
        Arrays.fill(known, UNKNOWN);
    }

    boolean isPossible() {
        return IntStream.rangeClosed(addends.min(), addends.max()).anyMatch(this::isPossible);
    }

    private boolean isPossible(int count) {
        return (from(start(count)) & wished(0)) != 0;
    }

    /** Lengths of numbers that can meet the wishes; only where that {@link #isPossible()}. */
    List<Integer> lengths(Random random) {
        int[] counts = IntStream.rangeClosed(addends.min(), addends.max()).filter(this::isPossible).toArray();
        State state = start(counts[random.nextInt(counts.length)]);
        List<Integer> lengths = new ArrayList<>();
        int carried = 0;
        while (state.present() > 0) {
            List<State> open = new ArrayList<>();
            for (State next : nexts(state)) {
                int now = carried + (next.carry() > 0 ? 1 : 0);
                if (next.present() == 0 ? next.longEnough() && carries.allows(now) : (from(next) & wished(now)) != 0) {
                    open.add(next);
                }
            }
            State next = open.get(random.nextInt(open.size()));
            for (int ended = next.present(); ended < state.present(); ended++) {
                lengths.add(next.column());
            }
            carried += next.carry() > 0 ? 1 : 0;
            state = next;
        }
        return lengths;
    }

    private State start(int count) {
        return new State(0, count, true, 0, 0, chain.min() == 0);
    }

    /** The bits of the counts that are wished for, so many carries counted already. */
    private long wished(int already) {
        long bits = 0;
        for (int count = Math.max(already, carries.min()); count <= Math.min(carries.max(), already + 62); count++) {
            bits |= 1L << (count - already);
        }
        return bits;
    }

    private long from(State state) {
        if (state.present() == 0) {
            return state.longEnough() ? 1 : 0;
        }
        int index = ((((state.column() * (addends.max() + 1) + state.present()) * 2 + (state.all() ? 1 : 0))
                * (MOST_CARRY + 1) + state.carry()) * (longestRun + 1) + state.run()) * 2
                + (state.longEnough() ? 1 : 0);
        if (known[index] == UNKNOWN) {
            long bits = 0;
            for (State next : nexts(state)) {
                bits |= next.carry() > 0 ? from(next) << 1 : from(next);
            }
            known[index] = bits;
        }
        return known[index];
    }

    /** The states that filling one column can lead to: how many numbers end in it, and what it carries. */
    private List<State> nexts(State state) {
        List<State> nexts = new ArrayList<>();
        int length = state.column() + 1;
        for (int ending = length == digits.max() ? state.present() : 0; ending <= state.present(); ending++) {
            boolean last = ending == state.present();
            boolean endsAllowed = ending == 0 || length >= digits.min()
                    && (state.all() && last ? mayBeEven : mayBeUneven);
            if (endsAllowed) {
                carry(state, ending, last, nexts);
            }
        }
        return nexts;
    }

    private void carry(State state, int leading, boolean last, List<State> nexts) {
        int most = (9 * state.present() + state.carry()) / 10;
        for (int carry = (leading + state.carry()) / 10; carry <= most; carry++) {
            int run = carry == 0 ? 0 : state.run() + 1;
            boolean tooLong = carry > 0 && chain.max() < digits.max() && run > chain.max();
            if (!tooLong && (!last || wishes.allows(Feature.NEW_PLACE, carry > 0))) {
                nexts.add(new State(state.column() + 1, state.present() - leading, state.all() && leading == 0, carry,
                        Math.min(run, longestRun), state.longEnough() || run >= chain.min()));
            }
        }
    }
}
