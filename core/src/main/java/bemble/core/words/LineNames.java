package bemble.core.words;

import bemble.core.style.HouseStyle;
import bemble.core.working.Part;
import bemble.core.working.Spot;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What the squares of a paper are called, for whoever does not see them. */
public final class LineNames {
    /** Blocks whose squares are slots in a row and no place-value columns. */
    private static final Set<String> SLOTS = Set.of("box", "line", "totals");
    /** A block's name, whether it is of the check, and its number where it is not the first of its kind. */
    private static final Pattern BLOCK = Pattern.compile("(" + Part.CHECK.id() + "\\.)?(.*?)(?:-([0-9]+))?");
    private static final Map<String, String> LINES = Map.ofEntries(
            Map.entry("answer", "answer line"), Map.entry("carries", "line of small figures"),
            Map.entry("on-rule", "on the rule"), Map.entry("under", "under the answer"),
            Map.entry("top", "upper number"), Map.entry("bottom", "lower number"),
            Map.entry("edge", "edge of the box"), Map.entry("ticks", "stop"), Map.entry("sizes", "jump"));
    private static final Map<String, String> NUMBERED =
            Map.of("row-carries-", "small figures of row ", "addend-", "row ",
                    "exchanged-", "exchanged above ", "product-", "product ", "difference-", "what is left ", "row-",
                    "box, row ", "total-", "total beside ");

    private final Words words;

    public LineNames(HouseStyle style) {
        this.words = new Words(style);
    }

    /** Such as {@code tens, answer line}, {@code sum 2, tens, row 1} or {@code check, product, ones, row 2}. */
    public String of(Spot spot) {
        Matcher block = block(spot);
        String kind = block.group(2);
        String line = switch (kind) {
            case "divisors" -> "divisor, " + line(spot.line());
            case "chunks" -> line(spot.line()).replaceFirst("^product (.*)", "part $1 of the quotient");
            default -> line(spot.line());
        };
        StringBuilder name = new StringBuilder(block.group(1) == null ? "" : "check, ");
        if (block.group(3) != null) {
            name.append(kind).append(' ').append(block.group(3)).append(", ");
        } else if (block.group(1) != null) {
            name.append(kind).append(", ");
        }
        return name.append(isSlot(spot) ? "" : words.places(spot.place()) + ", ").append(line).toString();
    }

    /** Whether its place is only the next one in a row, and no place value. */
    public static boolean isSlot(Spot spot) {
        return SLOTS.contains(block(spot).group(2));
    }

    private static Matcher block(Spot spot) {
        Matcher block = BLOCK.matcher(spot.block().id());
        if (!block.matches()) {
            throw new IllegalArgumentException("a block without a name");
        }
        return block;
    }

    private static String line(String line) {
        int number = line.length() - line.replaceAll("[0-9]+$", "").length();
        String stem = line.substring(0, line.length() - number);
        return number > 0 && NUMBERED.containsKey(stem) ? NUMBERED.get(stem) + line.substring(stem.length())
                : LINES.getOrDefault(line, line);
    }
}
