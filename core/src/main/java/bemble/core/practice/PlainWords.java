package bemble.core.practice;

import bemble.core.practice.features.Question;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/** What a rung is about, for somebody who never taught: to follow “Ines can …” or “… practises …”. */
public final class PlainWords {
    private static final long SEED = 3;
    private static final Map<String, String> WORDS = new HashMap<>();

    static {
        put("addition", "adding two-digit numbers", "adding two-digit numbers when the ones make ten or more",
                "adding two-digit numbers when the sum needs three digits",
                "adding three-digit numbers when one column makes ten or more",
                "adding three-digit numbers when one ten brings the next", "adding numbers that are not equally long",
                "adding long numbers when every column makes ten or more", "adding three numbers at once",
                "adding many numbers at once", "adding six-digit numbers");
        put("subtraction", "taking away when every digit is large enough",
                "taking away when a ten has to be exchanged for ones",
                "taking away from three-digit numbers with one exchange",
                "taking away from three-digit numbers with two exchanges",
                "taking a shorter number away", "taking away from a number with a zero in the middle",
                "taking away from a number with two zeros in the middle",
                "taking away from long numbers with zeros in them");
        put("multiplication", "multiplying a two-digit number by one digit",
                "multiplying by one digit with a carried ten",
                "multiplying a three-digit number by one digit", "multiplying two-digit numbers by each other",
                "multiplying by a number with a zero in it", "multiplying a three-digit by a two-digit number",
                "multiplying three-digit numbers by each other");
        put("division", "dividing when nothing is left over", "dividing when something is left over",
                "dividing three-digit numbers",
                "dividing when a zero comes into the answer", "dividing by a two-digit number",
                "dividing by a two-digit number with a remainder",
                "dividing by a two-digit number when a zero comes into the answer");
        put("square-root", "finding a square root of two digits", "finding a square root when something is left over",
                "finding a square root of three digits", "finding a square root with a zero in it",
                "finding a square root with decimals");
    }

    private PlainWords() {}

    private static void put(String operation, String... words) {
        List<Rung> rungs =
                Ladder.all().stream().filter(rung -> rung.wishes().operation().id().equals(operation)).toList();
        for (int i = 0; i < words.length; i++) {
            WORDS.put(rungs.get(i).id(), words[i]);
        }
    }

    /** Such as {@code taking away when a ten has to be exchanged for ones}. */
    public static String of(Rung rung) {
        return Objects.requireNonNull(WORDS.get(rung.id()), rung.id());
    }

    /** A question of the rung. */
    public static Question example(Rung rung) {
        return new Draft(rung.wishes(), SEED).draw(1).get(0);
    }
}
