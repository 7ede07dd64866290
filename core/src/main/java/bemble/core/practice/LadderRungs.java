package bemble.core.practice;

import bemble.core.practice.features.Feature;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.problem.Operation;
import java.util.EnumMap;
import java.util.List;

/** What stands on the ladders, the easiest first. */
final class LadderRungs {
    private LadderRungs() {}

    static List<Rung> of(Operation operation) {
        return switch (operation) {
            case ADDITION -> addition();
            case SUBTRACTION -> subtraction();
            case MULTIPLICATION -> multiplication();
            case DIVISION -> division();
            case SQUARE_ROOT -> squareRoots();
        };
    }

    private static List<Rung> addition() {
        return List.of(
                rung(Operation.ADDITION, "no-carry", "no carry",
                        "adding when every column stays below ten",
                        "Digits under each other; every column stays below ten.",
                        "digits 2, carries 0", "digits 2.., carries 0"),
                rung(Operation.ADDITION, "one-carry", "one carry",
                        "adding to a two-digit number when the ones make ten or more",
                        "Ten ones make a ten, carried into the next column.",
                        "digits 2, carries 1, newPlace 0", "addends 2, digits 2, carries 1, newPlace 0"),
                rung(Operation.ADDITION, "into-a-new-place", "into a new place",
                        "adding to a two-digit number when the sum needs three digits",
                        "The last column's total takes a place of its own.",
                        "digits 2, carries 1..2, newPlace 1", "addends 2, digits 2, newPlace 1"),
                rung(Operation.ADDITION, "three-digits-one-carry", "longer numbers, one carry",
                        "adding long numbers when one column makes ten or more",
                        "The carry may come from any column.",
                        "digits 3, carries 1, newPlace 0", "addends 2, digits 3..5, carries 1"),
                rung(Operation.ADDITION, "a-chain", "several carries",
                        "adding long numbers when several columns make ten or more",
                        "A carried ten can make the next column full too.",
                        "digits 3, carries 2, chain 2, newPlace 0", "addends 2, digits 3..5, carries 2.."),
                rung(Operation.ADDITION, "unlike-lengths", "unlike lengths",
                        "adding numbers that are not equally long",
                        "Empty places count as 0; ones still go under ones.",
                        "digits 2..4, unevenLengths 1, carries 1..3",
                        "addends 2, digits 3..5, unevenLengths 1, carries 1.."),
                rung(Operation.ADDITION, "a-chain-to-a-new-place", "a chain to a new place",
                        "adding long numbers when every column makes ten or more",
                        "Carries all the way through and out at the front.",
                        "digits 4, carries 4", "addends 2, digits 4, carries 4"),
                rung(Operation.ADDITION, "three-numbers", "three numbers",
                        "adding three numbers at once",
                        "A column can come to more than 19: carry 2.",
                        "addends 3, digits 3, carries 2..3", "addends 3, carries 1.."),
                rung(Operation.ADDITION, "many-numbers-unlike-lengths", "many numbers",
                        "adding many numbers at once",
                        "Long columns, carries of 3 and more.",
                        "addends 4..6, digits 1..4, unevenLengths 1, carries 2..4", "addends 4.., carries 1.."),
                rung(Operation.ADDITION, "six-digits", "six digits and more",
                        "adding very long numbers",
                        "Nothing new but length and stamina.",
                        "digits 6, carries 3..6", "addends 2, digits 6.., carries 1.."));
    }

    private static List<Rung> subtraction() {
        return List.of(
                rung(Operation.SUBTRACTION, "no-exchange", "no exchange",
                        "taking away when every digit is large enough",
                        "Every digit can be taken from the one above.",
                        "digits 2, subtrahendDigits 2, exchanges 0", "digits 2.., exchanges 0"),
                rung(Operation.SUBTRACTION, "one-exchange", "one exchange",
                        "taking away when a ten has to be exchanged for ones",
                        "One ten becomes ten ones.",
                        "digits 2, subtrahendDigits 1..2, exchanges 1", "digits 2, exchanges 1"),
                rung(Operation.SUBTRACTION, "three-digits-one-exchange", "longer numbers, one exchange",
                        "taking away from long numbers with one exchange",
                        "A hundred can be exchanged as well as a ten.",
                        "digits 3, subtrahendDigits 3, exchanges 1, acrossZeros 0",
                        "digits 3.., exchanges 1, acrossZeros 0"),
                rung(Operation.SUBTRACTION, "two-exchanges", "several exchanges",
                        "taking away from long numbers with several exchanges",
                        "A digit that has given one needs ten itself.",
                        "digits 3, subtrahendDigits 2..3, exchanges 2, acrossZeros 0",
                        "digits 3.., exchanges 2.., acrossZeros 0"),
                rung(Operation.SUBTRACTION, "unlike-lengths", "unlike lengths",
                        "taking a shorter number away",
                        "Nothing goes away in the empty places, but one may be owed.",
                        "digits 4, subtrahendDigits 2..3, exchanges 1..2, acrossZeros 0",
                        "digits 4.., unevenLengths 1, exchanges 1.., acrossZeros 0"),
                rung(Operation.SUBTRACTION, "across-a-zero", "across a zero",
                        "taking away from a number with a zero in the middle",
                        "The neighbour has nothing to give: go on to the next.",
                        "digits 3, subtrahendDigits 2..3, exchanges 1, acrossZeros 1", "digits 3.., acrossZeros 1"),
                rung(Operation.SUBTRACTION, "across-two-zeros", "across two zeros",
                        "taking away from a number with two zeros or more in the middle",
                        "The exchange comes back one place at a time.",
                        "digits 4, subtrahendDigits 2..4, exchanges 1, acrossZeros 2", "digits 4.., acrossZeros 2.."),
                rung(Operation.SUBTRACTION, "zeros-and-more", "zeros and more",
                        "taking away from long numbers with zeros in them",
                        "Exchanges across zeros beside others.",
                        "digits 5..6, subtrahendDigits 4..5, exchanges 2..4, acrossZeros 1..2",
                        "digits 5.., exchanges 2.., acrossZeros 1.."));
    }

    private static List<Rung> multiplication() {
        return List.of(
                rung(Operation.MULTIPLICATION, "by-one-digit-no-carry", "by one digit, no carry",
                        "multiplying by one digit when no product makes ten",
                        "Each digit by itself, from the ones on.",
                        "topDigits 2, bottomDigits 1, carries 0", "topDigits 2.., bottomDigits 1, carries 0"),
                rung(Operation.MULTIPLICATION, "by-one-digit-one-carry", "by one digit, with a carry",
                        "multiplying a two-digit number by one digit when a product makes ten",
                        "The carry is added after multiplying.",
                        "topDigits 2, bottomDigits 1, carries 1", "topDigits 2, bottomDigits 1, carries 1.."),
                rung(Operation.MULTIPLICATION, "by-one-digit-carries-throughout", "longer numbers by one digit",
                        "multiplying a long number by one digit",
                        "A carry may come into every product.",
                        "topDigits 3, bottomDigits 1, carries 3", "topDigits 3.., bottomDigits 1, carries 1.."),
                rung(Operation.MULTIPLICATION, "two-by-two-digits", "two by two digits",
                        "multiplying two-digit numbers by each other",
                        "A row a digit; the second row is tens, with a placeholder.",
                        "topDigits 2, bottomDigits 2, carries 1..3, zeroInBottom 0",
                        "topDigits 2, bottomDigits 2, zeroInBottom 0"),
                rung(Operation.MULTIPLICATION, "a-zero-below", "a zero below",
                        "multiplying by a number with a zero in it",
                        "Times 0 is 0: no row, but its place stays.",
                        "topDigits 3, bottomDigits 2..3, zeroInBottom 1", "bottomDigits 2.., zeroInBottom 1"),
                rung(Operation.MULTIPLICATION, "three-by-two-digits", "longer numbers by two digits",
                        "multiplying a long number by a two-digit number",
                        "Longer rows, carries in both.",
                        "topDigits 3, bottomDigits 2, carries 3..6, zeroInBottom 0",
                        "topDigits 3.., bottomDigits 2, zeroInBottom 0"),
                rung(Operation.MULTIPLICATION, "three-by-three-digits", "by three digits and more",
                        "multiplying long numbers by each other",
                        "Three rows or more to add.",
                        "topDigits 3, bottomDigits 3, carries 4..9, zeroInBottom 0",
                        "bottomDigits 3.., zeroInBottom 0"));
    }

    private static List<Rung> division() {
        return List.of(
                rung(Operation.DIVISION, "by-one-digit-exactly", "by one digit, exactly",
                        "dividing when nothing is left over",
                        "Share each place, the largest first.",
                        "dividendDigits 2, divisorDigits 1, remainder 0, zeroInQuotient 0",
                        "dividendDigits 2, divisorDigits 1, remainder 0, zeroInQuotient 0"),
                rung(Operation.DIVISION, "a-remainder", "a remainder",
                        "dividing when something is left over",
                        "Something is left over and said.",
                        "dividendDigits 2, divisorDigits 1, remainder 1, zeroInQuotient 0",
                        "dividendDigits 2, divisorDigits 1, remainder 1, zeroInQuotient 0"),
                rung(Operation.DIVISION, "three-digits", "three digits and more",
                        "dividing long numbers",
                        "What is left joins the next digit.",
                        "dividendDigits 3, divisorDigits 1, zeroInQuotient 0",
                        "dividendDigits 3.., divisorDigits 1, zeroInQuotient 0"),
                rung(Operation.DIVISION, "a-zero-in-the-quotient", "a zero in the quotient",
                        "dividing when a zero comes into the answer",
                        "Where not even 1 each can go, a 0 is written.",
                        "dividendDigits 3..4, divisorDigits 1, zeroInQuotient 1",
                        "dividendDigits 2.., divisorDigits 1, zeroInQuotient 1"),
                rung(Operation.DIVISION, "by-two-digits-exactly", "by two digits, exactly",
                        "dividing by a two-digit number",
                        "The quotient digit is found by trial.",
                        "dividendDigits 3..4, divisorDigits 2, remainder 0, zeroInQuotient 0",
                        "dividendDigits 2.., divisorDigits 2, remainder 0, zeroInQuotient 0"),
                rung(Operation.DIVISION, "by-two-digits", "by two digits",
                        "dividing by a two-digit number with a remainder",
                        "Trial, remainder and all.",
                        "dividendDigits 4, divisorDigits 2, remainder 1, zeroInQuotient 0",
                        "dividendDigits 2.., divisorDigits 2, remainder 1, zeroInQuotient 0"),
                rung(Operation.DIVISION, "by-two-digits-a-zero-in-the-quotient",
                        "by two digits, a zero in the quotient",
                        "dividing by a two-digit number when a zero comes into the answer",
                        "All of it together.",
                        "dividendDigits 4..5, divisorDigits 2, zeroInQuotient 1",
                        "dividendDigits 3.., divisorDigits 2, zeroInQuotient 1"));
    }

    private static List<Rung> squareRoots() {
        return List.of(
                rung(Operation.SQUARE_ROOT, "two-pairs-exactly", "two pairs, exactly",
                        "finding a square root of two digits",
                        "Double the root and find the digit that fits twice.",
                        "radicandDigits 3..4, perfect 1, decimals 0, zeroInRoot 0",
                        "radicandDigits 3..4, perfect 1, decimals 0, zeroInRoot 0"),
                rung(Operation.SQUARE_ROOT, "something-left-over", "something left over",
                        "finding a square root when something is left over",
                        "The root is cut off; say how much is left.",
                        "radicandDigits 3..4, perfect 0, decimals 0, zeroInRoot 0",
                        "perfect 0, decimals 0, zeroInRoot 0"),
                rung(Operation.SQUARE_ROOT, "three-pairs", "three pairs and more",
                        "finding a long square root",
                        "The doubled root grows longer.",
                        "radicandDigits 5..6, perfect 1, decimals 0, zeroInRoot 0",
                        "radicandDigits 5.., perfect 1, decimals 0, zeroInRoot 0"),
                rung(Operation.SQUARE_ROOT, "a-zero-in-the-root", "a zero in the root",
                        "finding a square root with a zero in it",
                        "Where no digit fits, a 0 is written and the next pair comes down.",
                        "radicandDigits 5..6, perfect 1, decimals 0, zeroInRoot 1",
                        "radicandDigits 3.., decimals 0, zeroInRoot 1"),
                rung(Operation.SQUARE_ROOT, "two-decimals", "decimals",
                        "finding a square root with decimals",
                        "A pair of zeros for each decimal.",
                        "radicandDigits 1..3, perfect 0, decimals 2", "decimals 1.."));
    }

    /**
     * A rung; its id is stored with plans, sets and what a teacher says of a pupil, so it stays as it is whatever becomes of its title.
     *
     * @param wishes what is drawn for it, as {@link #wishes} reads it
     * @param holds what stands on it besides; title and plain words are true of all of it
     */
    private static Rung rung(Operation operation, String id, String title, String plainWords, String news,
            String wishes, String holds) {
        return new Rung(operation.id() + "-" + id, title, plainWords, news, wishes(operation, wishes),
                wishes(operation, holds));
    }

    /** Wishes from {@code digits 2..4, carries 1, chain 2..}: each a feature with how many, least and most, or at least. */
    private static Wishes wishes(Operation operation, String text) {
        EnumMap<Feature, Wish> wanted = new EnumMap<>(Feature.class);
        for (String wish : text.split(", ")) {
            String[] words = wish.split(" ");
            Feature feature = Feature.of(operation, words[0]);
            String[] ends = words[1].split("\\.\\.", -1);
            int least = Integer.parseInt(ends[0]);
            String last = ends[ends.length - 1];
            wanted.put(feature, new Wish(least, last.isEmpty() ? feature.most() : Integer.parseInt(last)));
        }
        return new Wishes(operation, wanted);
    }
}
