package bemble.core.words;

import bemble.core.style.HouseStyle;
import bemble.core.working.Part;
import bemble.core.working.Spot;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/** What the squares of a paper are called, for whoever does not see them. */
public final class LineNames {
    /** Blocks whose squares are slots in a row and no place-value columns. */
    private static final Set<String> SLOTS = Set.of("box", "line", "totals");
    /** What a block's name has round it: whether it is of the check, and its number. */
    private static final Pattern ROUND_NAME = Pattern.compile("^" + Part.CHECK.id() + "\\.|-[0-9]+$");
    private static final Map<String, String> LINES = Map.ofEntries(
            Map.entry("answer", "answer line"), Map.entry("carries", "line of small figures"),
            Map.entry("on-rule", "on the rule"), Map.entry("under", "under the answer"),
            Map.entry("top", "upper number"), Map.entry("bottom", "lower number"),
            Map.entry("edge", "edge of the box"), Map.entry("ticks", "stop"), Map.entry("sizes", "jump"));
    private static final Map<String, String> NUMBERED = Map.of("row-carries-", "small figures of row ", "addend-", "row ",
            "exchanged-", "exchanged above ", "product-", "product ", "difference-", "what is left ", "row-",
            "box, row ", "total-", "total beside ");

    private final Words words;

    public LineNames(HouseStyle style) {
        this.words = new Words(style);
    }

    /** Such as {@code tens, answer line}, or {@code check, ones, row 2}. */
    public String of(Spot spot) {
        String block = spot.block().id();
        String check = Part.CHECK.id() + ".";
        String name = block.startsWith(check) ? block.substring(check.length()) : block;
        String line = name.equals("divisors") ? "divisor, " + line(spot.line()) : line(spot.line());
        String place = isSlot(spot) ? "" : words.places(spot.place()) + ", ";
        return (block.equals(name) ? "" : "check, ") + place + line;
    }

    /** Whether its place is only the next one in a row, and no place value. */
    public static boolean isSlot(Spot spot) {
        return SLOTS.contains(ROUND_NAME.matcher(spot.block().id()).replaceAll(""));
    }

    private static String line(String line) {
        int number = line.length() - line.replaceAll("[0-9]+$", "").length();
        String stem = line.substring(0, line.length() - number);
        return number > 0 && NUMBERED.containsKey(stem) ? NUMBERED.get(stem) + line.substring(stem.length())
                : LINES.getOrDefault(line, line);
    }
}
