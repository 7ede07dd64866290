package bemble.core.words;

import java.util.List;

/**
 * A word that questions are told with.
 *
 * @param word the word, or words that do the same
 * @param means what it can ask for
 * @param careful where it asks for something else
 */
public record KeyWord(String word, String means, String careful) {
    /** The words that stand in most questions; none of them says by itself what is to be done. */
    public static final List<KeyWord> ALL = List.of(
            new KeyWord("altogether, in all, total", "+ several amounts become one.",
                    "5 ropes of 8 m: how many metres altogether? The amounts are equal, so ×."),
            new KeyWord("more", "+ something comes to it.",
                    "Ola has 8 more shells than Per. Ola has 20: how many has Per? That is −."),
            new KeyWord("fewer, less", "− something is smaller.",
                    "Per has 12 shells, 8 fewer than Ola. Ola has more: that is +."),
            new KeyWord("left", "− what is still there when some have gone.",
                    "50 shells in bags of 8: how many are left over? That is the remainder of ÷."),
            new KeyWord("difference", "− how far apart two numbers are.",
                    "The larger number goes on top, whichever is told first."),
            new KeyWord("each, every, per", "× when so many are in each.",
                    "6 children share 42 shells: how many does each get? That is ÷."),
            new KeyWord("share, split", "÷ when all get equally many.",
                    "Does everybody get the same? Does whoever shares keep some?"),
            new KeyWord("times", "× so many times as much.",
                    "How many times does 6 go into 42? That is ÷. “The boat went out 3 times” tells no sum."),
            new KeyWord("half, a third of", "÷ by 2, by 3.",
                    "A third of the 12 boats is 12 ÷ 3. A third boat is one boat."),
            new KeyWord("how many", "nothing yet: read on to what is asked.",
                    "Say the answer as a sentence: “… shells are left.” What was it that we looked for?"));
}
