package bemble.core.practice;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Features;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Operation;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * For each operation a ladder of small steps, each adding one thing to what came before: 46 + 27 stands on “one carry”, the
 * second of addition.
 */
public final class Ladder {
    private static final Map<Operation, List<Rung>> RUNGS = new EnumMap<>(Operation.class);

    static {
        RUNGS.put(Operation.ADDITION, List.of(
                added("no-carry", "no carry",
                        "adding two-digit numbers", "Digits under each other; every column stays below ten.",
                        "digits 2 2, carries 0 0"),
                added("one-carry", "one carry",
                        "adding two-digit numbers when the ones make ten or more",
                        "Ten ones make a ten, carried into the next column.",
                        "digits 2 2, carries 1 1, newPlace 0 0"),
                added("into-a-new-place", "into a new place",
                        "adding two-digit numbers when the sum needs three digits",
                        "The last column's total takes a place of its own.",
                        "digits 2 2, carries 1 2, newPlace 1 1"),
                added("three-digits-one-carry", "three digits, one carry",
                        "adding three-digit numbers when one column makes ten or more",
                        "The carry may come from the ones or from the tens.",
                        "digits 3 3, carries 1 1, newPlace 0 0"),
                added("a-chain", "a chain",
                        "adding three-digit numbers when one ten brings the next",
                        "A carried ten makes the next column full too.",
                        "digits 3 3, carries 2 2, chain 2 2, newPlace 0 0"),
                added("unlike-lengths", "unlike lengths",
                        "adding numbers that are not equally long",
                        "Empty places count as 0; ones still go under ones.",
                        "digits 2 4, unevenLengths 1 1, carries 1 3"),
                added("a-chain-to-a-new-place", "a chain to a new place",
                        "adding long numbers when every column makes ten or more",
                        "Carries all the way through and out at the front.",
                        "digits 4 4, carries 4 4"),
                added("three-numbers", "three numbers",
                        "adding three numbers at once", "A column can come to more than 19: carry 2.",
                        "addends 3 3, digits 3 3, carries 2 3"),
                added("many-numbers-unlike-lengths", "many numbers, unlike lengths",
                        "adding many numbers at once", "Long columns, carries of 3 and more.",
                        "addends 4 6, digits 1 4, unevenLengths 1 1, carries 2 4"),
                added("six-digits", "six digits",
                        "adding six-digit numbers", "Nothing new but length and stamina.", "digits 6 6, carries 3 6")));
        RUNGS.put(Operation.SUBTRACTION, List.of(
                taken("no-exchange", "no exchange",
                        "taking away when every digit is large enough", "Every digit can be taken from the one above.",
                        "digits 2 2, subtrahendDigits 2 2, exchanges 0 0"),
                taken("one-exchange", "one exchange",
                        "taking away when a ten has to be exchanged for ones", "One ten becomes ten ones.",
                        "digits 2 2, subtrahendDigits 1 2, exchanges 1 1"),
                taken("three-digits-one-exchange", "three digits, one exchange",
                        "taking away from three-digit numbers with one exchange",
                        "A hundred can be exchanged as well as a ten.",
                        "digits 3 3, subtrahendDigits 3 3, exchanges 1 1, acrossZeros 0 0"),
                taken("two-exchanges", "two exchanges",
                        "taking away from three-digit numbers with two exchanges",
                        "A digit that has given one needs ten itself.",
                        "digits 3 3, subtrahendDigits 2 3, exchanges 2 2, acrossZeros 0 0"),
                taken("unlike-lengths", "unlike lengths",
                        "taking a shorter number away", "Nothing goes away in the empty places, but one may be owed.",
                        "digits 4 4, subtrahendDigits 2 3, exchanges 1 2, acrossZeros 0 0"),
                taken("across-a-zero", "across a zero",
                        "taking away from a number with a zero in the middle",
                        "The neighbour has nothing to give: go on to the next.",
                        "digits 3 3, subtrahendDigits 2 3, exchanges 1 1, acrossZeros 1 1"),
                taken("across-two-zeros", "across two zeros",
                        "taking away from a number with two zeros in the middle",
                        "The exchange comes back one place at a time.",
                        "digits 4 4, subtrahendDigits 2 4, exchanges 1 1, acrossZeros 2 2"),
                taken("zeros-and-more", "zeros and more",
                        "taking away from long numbers with zeros in them", "Exchanges across zeros beside others.",
                        "digits 5 6, subtrahendDigits 4 5, exchanges 2 4, acrossZeros 1 2")));
        RUNGS.put(Operation.MULTIPLICATION, List.of(
                times("by-one-digit-no-carry", "by one digit, no carry",
                        "multiplying a two-digit number by one digit", "Each digit by itself, from the ones on.",
                        "topDigits 2 2, bottomDigits 1 1, carries 0 0"),
                times("by-one-digit-one-carry", "by one digit, one carry",
                        "multiplying by one digit with a carried ten", "The carry is added after multiplying.",
                        "topDigits 2 2, bottomDigits 1 1, carries 1 1"),
                times("by-one-digit-carries-throughout", "by one digit, carries throughout",
                        "multiplying a three-digit number by one digit", "A carry into every product.",
                        "topDigits 3 3, bottomDigits 1 1, carries 3 3"),
                times("two-by-two-digits", "two by two digits",
                        "multiplying two-digit numbers by each other",
                        "A row a digit; the second row is tens, with a placeholder.",
                        "topDigits 2 2, bottomDigits 2 2, carries 1 3, zeroInBottom 0 0"),
                times("a-zero-below", "a zero below",
                        "multiplying by a number with a zero in it", "Times 0 is 0: no row, but its place stays.",
                        "topDigits 3 3, bottomDigits 2 3, zeroInBottom 1 1"),
                times("three-by-two-digits", "three by two digits",
                        "multiplying a three-digit by a two-digit number", "Longer rows, carries in both.",
                        "topDigits 3 3, bottomDigits 2 2, carries 3 6, zeroInBottom 0 0"),
                times("three-by-three-digits", "three by three digits",
                        "multiplying three-digit numbers by each other", "Three rows to add.",
                        "topDigits 3 3, bottomDigits 3 3, carries 4 9, zeroInBottom 0 0")));
        RUNGS.put(Operation.DIVISION, List.of(
                shared("by-one-digit-exactly", "by one digit, exactly",
                        "dividing when nothing is left over", "Share each place, the largest first.",
                        "dividendDigits 2 2, divisorDigits 1 1, remainder 0 0, zeroInQuotient 0 0"),
                shared("a-remainder", "a remainder",
                        "dividing when something is left over", "Something is left over and said.",
                        "dividendDigits 2 2, divisorDigits 1 1, remainder 1 1, zeroInQuotient 0 0"),
                shared("three-digits", "three digits",
                        "dividing three-digit numbers", "What is left joins the next digit.",
                        "dividendDigits 3 3, divisorDigits 1 1, zeroInQuotient 0 0"),
                shared("a-zero-in-the-quotient", "a zero in the quotient",
                        "dividing when a zero comes into the answer", "Where not even 1 each can go, a 0 is written.",
                        "dividendDigits 3 4, divisorDigits 1 1, zeroInQuotient 1 1"),
                shared("by-two-digits-exactly", "by two digits, exactly",
                        "dividing by a two-digit number", "The quotient digit is found by trial.",
                        "dividendDigits 3 4, divisorDigits 2 2, remainder 0 0, zeroInQuotient 0 0"),
                shared("by-two-digits", "by two digits",
                        "dividing by a two-digit number with a remainder", "Trial, remainder and all.",
                        "dividendDigits 4 4, divisorDigits 2 2, remainder 1 1, zeroInQuotient 0 0"),
                shared("by-two-digits-a-zero-in-the-quotient", "by two digits, a zero in the quotient",
                        "dividing by a two-digit number when a zero comes into the answer", "All of it together.",
                        "dividendDigits 4 5, divisorDigits 2 2, zeroInQuotient 1 1")));
        RUNGS.put(Operation.SQUARE_ROOT, List.of(
                root("two-pairs-exactly", "two pairs, exactly",
                        "finding a square root of two digits", "Double the root and find the digit that fits twice.",
                        "radicandDigits 3 4, perfect 1 1, decimals 0 0, zeroInRoot 0 0"),
                root("something-left-over", "something left over",
                        "finding a square root when something is left over",
                        "The root is cut off; say how much is left.",
                        "radicandDigits 3 4, perfect 0 0, decimals 0 0, zeroInRoot 0 0"),
                root("three-pairs", "three pairs",
                        "finding a square root of three digits", "The doubled root grows longer.",
                        "radicandDigits 5 6, perfect 1 1, decimals 0 0, zeroInRoot 0 0"),
                root("a-zero-in-the-root", "a zero in the root",
                        "finding a square root with a zero in it",
                        "Where no digit fits, a 0 is written and the next pair comes down.",
                        "radicandDigits 5 6, perfect 1 1, decimals 0 0, zeroInRoot 1 1"),
                root("two-decimals", "two decimals",
                        "finding a square root with decimals", "A pair of zeros for each decimal.",
                        "radicandDigits 1 3, perfect 0 0, decimals 2 2")));
    }

    private static final List<Rung> ALL = RUNGS.values().stream().flatMap(List::stream).toList();
    private static final Map<String, Rung> BY_ID = ALL.stream().collect(Collectors.toMap(Rung::id, rung -> rung));

    private Ladder() {}

    /** The rungs of an operation, the easiest first. */
    public static List<Rung> of(Operation operation) {
        return RUNGS.getOrDefault(operation, List.of());
    }

    /** All rungs, operation by operation. */
    public static List<Rung> all() {
        return ALL;
    }

    /** The rung of that id, whatever its operation. */
    public static Optional<Rung> find(String id) {
        return Optional.ofNullable(BY_ID.get(id));
    }

    /** The rung that a question stands on: the last whose wishes it meets; nothing where it meets none. */
    public static Optional<Rung> rungOf(Features features) {
        return of(features.operation()).stream().filter(rung -> rung.wishes().allow(features))
                .reduce((lower, higher) -> higher);
    }

    private static Rung added(String id, String title, String plainWords, String news, String wishes) {
        return rung(Operation.ADDITION, id, title, plainWords, news, wishes);
    }

    private static Rung taken(String id, String title, String plainWords, String news, String wishes) {
        return rung(Operation.SUBTRACTION, id, title, plainWords, news, wishes);
    }

    private static Rung times(String id, String title, String plainWords, String news, String wishes) {
        return rung(Operation.MULTIPLICATION, id, title, plainWords, news, wishes);
    }

    private static Rung shared(String id, String title, String plainWords, String news, String wishes) {
        return rung(Operation.DIVISION, id, title, plainWords, news, wishes);
    }

    private static Rung root(String id, String title, String plainWords, String news, String wishes) {
        return rung(Operation.SQUARE_ROOT, id, title, plainWords, news, wishes);
    }

    /**
     * A rung; its id is stored with plans, sets and what a teacher says of a pupil, so it stays as it is whatever becomes of its title.
     *
     * @param wishes each as feature, least and most
     */
    private static Rung rung(Operation operation, String id, String title, String plainWords, String news,
            String wishes) {
        EnumMap<Feature, Wish> wanted = new EnumMap<>(Feature.class);
        for (String wish : wishes.split(", ")) {
            String[] words = wish.split(" ");
            wanted.put(Feature.of(operation, words[0]),
                    new Wish(Integer.parseInt(words[1]), Integer.parseInt(words[2])));
        }
        return new Rung(operation.id() + "-" + id, title, plainWords, news, new Wishes(operation, wanted));
    }
}
