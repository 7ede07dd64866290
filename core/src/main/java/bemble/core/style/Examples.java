package bemble.core.style;

import java.util.Map;
import java.util.Objects;

/** How each choice is shown: by which small problem, with what chosen besides, and by what of its working. */
final class Examples {
    private Examples() {}

    /** A small problem for each group of choices, and for a choice that its group's would not show. */
    private static final Map<String, String> EXAMPLES = Map.ofEntries(
            Map.entry("Carries", "147 + 285"),
            Map.entry("Steps", "147 + 285"),
            Map.entry("Setting out", "38 + 146.5"),
            Map.entry(Choices.SIGNS, "38 + 146.5"),
            Map.entry("arrows", "812 ÷ 4"),
            Map.entry("rootDoubling", "√1849"),
            Map.entry("Subtraction", "403 − 128"),
            Map.entry("lastColumns", "134 − 52"),
            Map.entry("Multiplication", "346 × 205"),
            Map.entry("Division and roots", "812 ÷ 4"),
            Map.entry("answerMark", "147 + 285"),
            Map.entry("zeroDifferences", "846 ÷ 4"),
            Map.entry("rootEstimate", "√1849"),
            Map.entry("rootBoxes", "√1849"),
            Map.entry("rootZeros", "√2 to 2 dp"),
            Map.entry("rootPoint", "√2 to 2 dp"),
            Map.entry("rootDivisors", "√1849"),
            Map.entry("remainderMark", "97 ÷ 4"),
            Map.entry("Marking", "53 × 24"),
            Map.entry("Numbers", "8765.5 + 4321"),
            Map.entry("columnOrder", "147 + 289 + 63"),
            Map.entry("columnTotals", "147 + 285 + 63"),
            Map.entry("grouping", "1234567 + 87654"),
            Map.entry("groupFrom", "4877 − 1292"),
            Map.entry("Checks", "403 − 128"),
            Map.entry("Words", "47 + 38"),
            Map.entry("exchangeWord", "42 − 17"),
            Map.entry("takeAwayWord", "48 − 17"));

    /** Choices that their example shows only where something else is chosen too. */
    private static final Map<String, Map<String, String>> SHOWN_WITH = Map.of(
            "groupFrom", Map.of("grouping", "thin-space"),
            "partSums", Map.of("additionMethod", "partial-sums"),
            "crossLines", Map.of("multiplicationMethod", "crosswise"),
            "crossProducts", Map.of("multiplicationMethod", "crosswise"),
            "payBack", Map.of("subtractionMethod", "equal-additions"),
            "payBackPlace", Map.of("subtractionMethod", "equal-additions"));

    static final Shown CHECKED = new Shown(Shown.As.CHECK, Shown.END);

    /** How a group's examples show its choices, and how those that differ from their group's. */
    private static final Map<String, Shown> SHOWN = Map.ofEntries(
            Map.entry("Words", Shown.said(1)), Map.entry("Steps", Shown.said(1)), Map.entry("Numbers", Shown.said(0)),
            Map.entry("carryOrder", Shown.said(2)),
            Map.entry("carryFigure", Shown.said(1)), Map.entry("columnTotals", new Shown(Shown.As.BOTH, 1)),
            Map.entry("divisionTalk", Shown.said(1)), Map.entry("payBack", Shown.said(4)),
            Map.entry("pointOrder", Shown.said(1)), Map.entry("partSums", Shown.ON_PAPER),
            Map.entry("jotTotals", Shown.ON_PAPER), Map.entry("estimateFirst", Shown.said(0)),
            Map.entry("rootBoxes", Shown.paper(1)), Map.entry("rootZeros", Shown.paper(1)),
            Map.entry("rootPoint", Shown.paper(5)), Map.entry("crossLines", Shown.paper(3)),
            Map.entry("crossProducts", Shown.paper(3)), Map.entry("rootEstimate", Shown.paper(6)),
            Map.entry("answerMark", new Shown(Shown.As.BOTH, Shown.END)),
            Map.entry("checkPlace", Shown.paper(Shown.AFTER_THE_CHECK)));

    /** The small problem that shows a choice, or those of its group. */
    static String problem(String choice, String group) {
        return Objects.requireNonNull(EXAMPLES.containsKey(choice) ? EXAMPLES.get(choice) : EXAMPLES.get(group),
                choice);
    }

    /** What must be chosen besides, option ids by choice ids. */
    static Map<String, String> shownWith(String choice) {
        return SHOWN_WITH.getOrDefault(choice, Map.of());
    }

    /** What of the working shows it. */
    static Shown shown(String choice, String group) {
        return SHOWN.getOrDefault(choice, SHOWN.getOrDefault(group, Shown.ON_PAPER));
    }
}
