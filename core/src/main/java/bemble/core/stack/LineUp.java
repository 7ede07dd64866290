package bemble.core.stack;

import bemble.core.hand.Ink;
import bemble.core.hand.Question;
import bemble.core.hand.Reading;
import bemble.core.problem.Numeral;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.Line;
import bemble.core.working.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * Where each number's digits go: ones under ones.
 *
 * @param lines the line of each number
 * @param pads whether empty places of the stack get a 0
 * @param padsTop whether the first number's missing decimals get one in any case, since something is taken away there
 * @param pointsWhole whether whole numbers get a point where others have decimals
 * @param point the sign before the decimals
 */
public record LineUp(Block block, List<Line> lines, List<Numeral> numbers, boolean pads, boolean padsTop,
        boolean pointsWhole, char point) implements Question<List<Placed>> {
    /** Numbers of which none gets more than its own digits, or zeros in all empty places. */
    public LineUp(Block block, List<Line> lines, List<Numeral> numbers, boolean pads, char point) {
        this(block, lines, numbers, pads, false, false, point);
    }

    /** Nobody sets a number out further from its place than this. */
    private static final int MOST_SHIFT = 12;

    @Override
    public List<Placed> careful() {
        return Stack.of(numbers).numbers();
    }

    @Override
    public void ink(List<Placed> placed, Ink ink) {
        Stack stack = new Stack(placed);
        int highest = stack.highest();
        int lowest = stack.lowest();
        for (int i = 0; i < placed.size(); i++) {
            Placed number = placed.get(i);
            boolean padded = pads || padsTop && i == 0 && number.lowest() > lowest;
            for (int place = highest; place >= lowest; place--) {
                if (number.has(place)) {
                    ink.digit(block.at(lines.get(i), place), number.digit(place), Role.GIVEN);
                } else if (padded) {
                    ink.digit(block.at(lines.get(i), place), 0, Role.PADDING);
                }
            }
            if (!number.number().isWhole() || (padded || pointsWhole) && lowest < 0) {
                ink.point(block, lines.get(i), point, number.number().isWhole() ? Role.PADDING : Role.GIVEN);
            }
        }
    }

    /** Each number where its digits stand on the paper; as it should stand where they cannot be made out. */
    @Override
    public @Nullable List<Placed> read(Reading paper) {
        List<Placed> read = new ArrayList<>();
        boolean any = false;
        for (int i = 0; i < numbers.size(); i++) {
            Placed found = new Placed(numbers.get(i), 0);
            for (int shift = -numbers.get(i).length() - MOST_SHIFT; shift <= numbers.get(i).length()
                    + MOST_SHIFT; shift++) {
                if (standsAt(paper, i, shift)) {
                    found = new Placed(numbers.get(i), shift);
                    any = true;
                    if (shift == 0) {
                        break;
                    }
                }
            }
            if (found.shift() == 0 && !standsAt(paper, i, 0)) {
                Placed miscopied = miscopied(paper, i);
                any |= miscopied != null;
                found = miscopied == null ? found : miscopied;
            }
            read.add(found);
        }
        return any ? read : null;
    }

    /**
     * A number in its right place with the same digits in another order, with or without zeros, with one digit read as another,
     * or with other decimals; null where none stands there.
     */
    private @Nullable Placed miscopied(Reading paper, int i) {
        Numeral number = numbers.get(i);
        int lowest = number.lowest();
        while (lowest > number.lowest() - MOST_SHIFT
                && paper.at(block.at(lines.get(i), lowest - 1), Anchor.MIDDLE) != null) {
            lowest--;
        }
        Numeral all = PaperNumbers.read(paper, block, lines.get(i), lowest);
        // Zeros that fill up its end are no part of a number turned or misread.
        while (lowest < number.lowest() && "0".equals(paper.at(block.at(lines.get(i), lowest), Anchor.MIDDLE))) {
            lowest++;
        }
        Numeral there = PaperNumbers.read(paper, block, lines.get(i), lowest);
        if (all == null || there == null) {
            return null;
        }
        if (sorted(there).equals(sorted(number)) || isMisread(there, number)) {
            return new Placed(there, 0);
        }
        return number.decimals() > 0 && whole(all).equals(whole(number)) ? new Placed(all, 0) : null;
    }

    private static boolean isMisread(Numeral there, Numeral number) {
        int different = 0;
        for (int i = 0; i < number.length() && there.length() == number.length(); i++) {
            different += there.digits().charAt(i) == number.digits().charAt(i) ? 0 : 1;
        }
        return different == 1;
    }

    private static String whole(Numeral number) {
        return number.digits().substring(0, number.length() - number.decimals());
    }

    private static String sorted(Numeral number) {
        return number.digits().replace("0", "").chars().sorted().mapToObj(Character::toString)
                .collect(Collectors.joining());
    }

    private boolean standsAt(Reading paper, int i, int shift) {
        Numeral number = numbers.get(i);
        for (int place = number.lowest(); place <= number.highest(); place++) {
            String there = paper.at(block.at(lines.get(i), place + shift), Anchor.MIDDLE);
            if (!Integer.toString(number.digit(place)).equals(there)) {
                return false;
            }
        }
        return true;
    }
}
