package bemble.core.practice;

import java.util.Map;

/** Two minutes at home on the step that a child works on, with its own trouble in it: things from the kitchen, and one question. */
public final class HomeTask {
    private static final String STICKS = "Lay sticks for tens and beans for ones. ";

    private static final String CHAIN =
            STICKS + "Let %s lay 48 and 57 and put them together: ten beans make a stick, and then ten "
                    + "sticks make a hundred. Ask: how much is it now?";

    /** By the rung's id; {@code %s} is the child. */
    private static final Map<String, String> TASKS = Map.ofEntries(
            Map.entry("addition-no-carry", STICKS + "Let %s lay 24 and 35 and put them together. Ask: how much is it?"),
            Map.entry("addition-into-a-new-place",
                    STICKS + "Let %s lay 64 and 53 and put them together: ten sticks are swapped "
                            + "for one plate, a hundred. Ask: how much is it now?"),
            Map.entry("addition-three-digits-one-carry",
                    "Lay plates for hundreds, sticks for tens and beans for ones. Let %s lay "
                            + "126 and 158 and put them together: ten beans are swapped for one stick. Ask: how much is it now?"),
            Map.entry("addition-a-chain", CHAIN),
            Map.entry("addition-a-chain-to-a-new-place", CHAIN),
            Map.entry("addition-unlike-lengths",
                    STICKS + "Let %s lay 143 and 6 and put them together. Ask: which pile gets more, "
                            + "and how much is it?"),
            Map.entry("addition-three-numbers",
                    STICKS + "Let %s lay 18, 25 and 14 and put them together: every ten beans are "
                            + "swapped for one stick. Ask: how much is it now?"),
            Map.entry("addition-many-numbers-unlike-lengths",
                    STICKS + "Let %s lay 18, 7, 25 and 3 and put them together: every ten "
                            + "beans are swapped for one stick. Ask: how much is it now?"),
            Map.entry("subtraction-no-exchange",
                    STICKS + "Let %s lay 58 and give you 24 of it. Ask: how much is left?"),
            Map.entry("subtraction-three-digits-one-exchange",
                    "Lay plates for hundreds, sticks for tens and beans for ones. Let %s lay 263 and give you 147 of it. The "
                            + "beans do not reach: one stick is swapped for ten beans first. Ask: how much is left?"),
            Map.entry("subtraction-two-exchanges",
                    "Lay plates for hundreds, sticks for tens and beans for ones. Let %s lay 324 and give you 158 of it: a stick "
                            + "is swapped for ten beans, and a plate for ten sticks. Ask: how much is left?"),
            Map.entry("subtraction-unlike-lengths",
                    "Lay a plate for a hundred, 4 sticks for the tens and 3 beans. Ask %s for 6 of it: from which pile does "
                            + "it come, and what is swapped first? How much is left?"),
            Map.entry("subtraction-across-a-zero",
                    "Lay a plate for a hundred and 3 beans for ones, no sticks. Ask %s for 8 of it: "
                            + "the plate is swapped for ten sticks, and one of these for ten beans. Ask: how much is left?"),
            Map.entry("subtraction-across-two-zeros",
                    "Lay a plate for a hundred, and nothing else. Ask %s for 4 of it: the plate is "
                            + "swapped for ten sticks, and one of these for ten beans. Ask: how much is left?"),
            Map.entry("subtraction-zeros-and-more",
                    "Lay a plate for a hundred, and nothing else. Ask %s for 27 of it: the plate is "
                            + "swapped for ten sticks, and one of these for ten beans. Ask: how much is left?"),
            Map.entry("multiplication-by-one-digit-no-carry",
                    STICKS + "Lay 3 rows, each with 2 sticks and 1 bean. Let %s put them "
                            + "together. Ask: how much are 3 times 21?"),
            Map.entry("multiplication-two-by-two-digits",
                    "Draw 12 rows of 13 dots. Let %s cut them into ten rows and two rows. Ask: "
                            + "how many dots are in each part, and how many together?"),
            Map.entry("multiplication-a-zero-below",
                    "Ask %s: how much is 7 times 3, 7 times 30, 7 times 300? And what does each 0 "
                            + "change?"),
            Map.entry("division-by-one-digit-exactly",
                    "Count out 24 buttons, and put 4 cups on the table. Let %s share them out "
                            + "evenly. Ask: how many are in each cup?"),
            Map.entry("division-a-zero-in-the-quotient", STICKS
                    + "Let %s lay 62 and share it among 3: each gets 2 sticks, and for the "
                    + "beans the question is whether anybody gets one. Ask: how much has each, and what is left?"),
            Map.entry("division-by-two-digits-a-zero-in-the-quotient",
                    "Ask %s: how often does 12 fit into 24, and how often into "
                            + "240? What does the 0 say?"),
            Map.entry("division-by-two-digits-exactly",
                    "Say the row of 12 together: 12, 24, 36. Ask %s: how often does 12 fit into 48?"),
            Map.entry("division-by-two-digits",
                    "Say the row of 12 together: 12, 24, 36. Ask %s: how often does 12 fit into 50, and "
                            + "what is left?"));

    /** Of an operation, where the step has none of its own. */
    private static final Map<String, String> USUAL = Map.of(
            "addition",
            STICKS + "Let %s lay 27 and 35 and put them together: ten beans are swapped for one stick. Ask: how much is it "
                    + "now?",
            "subtraction",
            "Lay 52 with 5 sticks for the tens and 2 beans for the ones, and ask %s for 17 of it. The beans do not "
                    + "reach: one stick is swapped for ten beans first. Ask: how much is left?",
            "multiplication",
            "Lay 4 rows, each with one stick for ten and 3 beans. Let %s put them together: ten beans are swapped "
                    + "for one stick. Ask: how much are 4 times 13?",
            "division",
            "Count out 17 buttons or spoons, and put 5 cups on the table. Let %s share them out evenly. Ask: how many "
                    + "are in each cup, and how many are left over?",
            "square-root",
            "Let %s lay 30 beans as a full square, as large as it can be. Ask: how many are in a row, and how many are "
                    + "left over?");

    private HomeTask() {}

    /** @param name the child, as it is called at home */
    public static String of(Rung rung, String name) {
        return TASKS.getOrDefault(rung.id(), USUAL.getOrDefault(rung.wishes().operation().id(), "")).formatted(name);
    }
}
