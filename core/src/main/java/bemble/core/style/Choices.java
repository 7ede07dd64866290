package bemble.core.style;

import bemble.core.problem.Operation;
import bemble.core.style.option.AnswerMark;
import bemble.core.style.division.Arrows;
import bemble.core.style.option.CarryOrder;
import bemble.core.style.option.CarryPlace;
import bemble.core.style.option.CheckPlace;
import bemble.core.style.option.ColumnOrder;
import bemble.core.style.option.CrossLines;
import bemble.core.style.option.CrossProducts;
import bemble.core.style.option.ExchangeWriting;
import bemble.core.style.option.GroupFrom;
import bemble.core.style.option.Grouping;
import bemble.core.style.option.Heads;
import bemble.core.style.option.JottedTotals;
import bemble.core.style.option.LastColumns;
import bemble.core.style.option.MethodMarks;
import bemble.core.style.option.Option;
import bemble.core.style.option.PartSums;
import bemble.core.style.option.PayBack;
import bemble.core.style.option.PayBackPlace;
import bemble.core.style.option.Placeholder;
import bemble.core.style.option.PointOrder;
import bemble.core.style.option.PointSign;
import bemble.core.style.division.RemainderMark;
import bemble.core.style.division.RootBoxes;
import bemble.core.style.division.RootEstimate;
import bemble.core.style.option.RowCarries;
import bemble.core.style.option.YesNo;
import bemble.core.style.option.ZeroRows;
import bemble.core.style.word.CarryWord;
import bemble.core.style.word.ColumnTotals;
import bemble.core.style.word.Deciding;
import bemble.core.style.word.DivisionTalk;
import bemble.core.style.word.ExchangeWord;
import bemble.core.style.word.NumberOrder;
import bemble.core.style.word.OnesWord;
import bemble.core.style.word.Pace;
import bemble.core.style.word.TakeAwayWord;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;

/**
 * Everything that a house style chooses: each choice stands here once with its title, what a new school begins with (its first option), and
 * a small problem that shows it.
 */
final class Choices {
    private Choices() {}

    /** A small problem for each group of choices, and for a choice that its group's would not show. */
    private static final Map<String, String> EXAMPLES = Map.ofEntries(
            Map.entry("Carries", "147 + 285"),
            Map.entry("Steps", "147 + 285"),
            Map.entry("Setting out", "38 + 146.5"),
            Map.entry("Subtraction", "403 − 128"),
            Map.entry("lastColumns", "134 − 52"),
            Map.entry("Multiplication", "346 × 205"),
            Map.entry("Division and roots", "812 ÷ 4"),
            Map.entry("answerMark", "147 + 285"),
            Map.entry("zeroDifferences", "846 ÷ 4"),
            Map.entry("rootEstimate", "√1849"),
            Map.entry("rootBoxes", "√1849"),
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

    private static final Shown CHECKED = new Shown(Shown.As.CHECK, Shown.END);

    /** How a group's examples show its choices, and how those that differ from their group's. */
    private static final Map<String, Shown> SHOWN = Map.ofEntries(
            Map.entry("Words", Shown.said(1)), Map.entry("Steps", Shown.said(1)), Map.entry("Numbers", Shown.said(0)),
            Map.entry("carryOrder", Shown.said(2)), Map.entry("columnTotals", new Shown(Shown.As.BOTH, 1)),
            Map.entry("divisionTalk", Shown.said(1)), Map.entry("payBack", Shown.said(4)),
            Map.entry("pointOrder", Shown.said(1)), Map.entry("partSums", Shown.ON_PAPER),
            Map.entry("jotTotals", Shown.ON_PAPER), Map.entry("estimateFirst", Shown.said(0)),
            Map.entry("rootBoxes", Shown.paper(1)), Map.entry("crossLines", Shown.paper(3)),
            Map.entry("crossProducts", Shown.paper(3)), Map.entry("rootEstimate", Shown.paper(6)),
            Map.entry("checkPlace", Shown.paper(Shown.AFTER_THE_CHECK)));

    private static final List<Choice<?>> DECLARED = new ArrayList<>();
    static final Choice<CarryPlace> CARRY_PLACE =
            choice("carryPlace", "Carries", "Carries stand", CarryPlace.class);
    static final Choice<CarryOrder> CARRY_ORDER =
            choice("carryOrder", "Carries", "The carry is added", CarryOrder.class);
    static final Choice<YesNo> STRIKE_CARRIES =
            choice("strikeCarries", "Carries", "Used carries are struck out", YesNo.class);
    static final Choice<Pace> PACE = choice("pace", "Steps", "One step is", Pace.class);
    static final Choice<ColumnOrder> COLUMN_ORDER =
            choice("columnOrder", "Steps", "A column is added", ColumnOrder.class);
    static final Choice<ColumnTotals> COLUMN_TOTALS =
            choice("columnTotals", "Steps", "The total of a column is said", ColumnTotals.class);
    static final Choice<PartSums> PART_SUMS =
            choice("partSums", "Steps", "By partial sums, the parts are", PartSums.class);
    static final Choice<Deciding> DECIDING =
            choice("deciding", "Steps", "“Is there enough?” is asked", Deciding.class);
    static final Choice<JottedTotals> JOT_TOTALS =
            choice("jotTotals", "Steps", "Totals jotted beside a sum", JottedTotals.class);
    static final Choice<NumberOrder> ORDER = choice("order", "Setting out", "On top stands", NumberOrder.class);
    static final Choice<YesNo> PAD_ZEROS =
            choice("padZeros", "Setting out", "Empty places get a 0", YesNo.class);
    static final Choice<PointOrder> POINT_ORDER =
            choice("pointOrder", "Setting out", "The point of the answer is set", PointOrder.class);
    static final Choice<Heads> HEADS = choice("heads", "Setting out", "Column heads", Heads.class);
    static final Choice<YesNo> WHOLE_POINTS =
            choice("wholePoints", "Setting out", "Whole numbers over decimals get their point", YesNo.class);
    static final Choice<AnswerMark> ANSWER_MARK =
            choice("answerMark", "Setting out", "The answer is", AnswerMark.class);
    static final Choice<ExchangeWriting> EXCHANGE_WRITING =
            choice("exchangeWriting", "Subtraction", "The ten that was got stands as", ExchangeWriting.class);
    static final Choice<YesNo> EXPANDED =
            choice("expandedExchanges", "Subtraction", "Exchanges stand beside in values", YesNo.class);
    static final Choice<PayBack> PAY_BACK =
            choice("payBack", "Subtraction", "By equal additions, the one below is taken away", PayBack.class);
    static final Choice<PayBackPlace> PAY_BACK_PLACE =
            choice("payBackPlace", "Subtraction", "By equal additions, the one below stands", PayBackPlace.class);
    static final Choice<LastColumns> LAST_COLUMNS =
            choice("lastColumns", "Subtraction", "The last two columns are worked", LastColumns.class);
    static final Choice<Placeholder> PLACEHOLDER =
            choice("placeholder", "Multiplication", "Empty places at a row's end get", Placeholder.class);
    static final Choice<ZeroRows> ZERO_ROWS =
            choice("zeroRows", "Multiplication", "For a 0 in the lower number", ZeroRows.class);
    static final Choice<CrossLines> CROSS_LINES =
            choice("crossLines", "Multiplication", "Crosswise, digits that belong together get", CrossLines.class);
    static final Choice<CrossProducts> CROSS_PRODUCTS =
            choice("crossProducts", "Multiplication", "Crosswise, the products of a column", CrossProducts.class);
    static final Choice<RowCarries> ROW_CARRIES =
            choice("rowCarries", "Multiplication", "What a row carries", RowCarries.class);
    static final Choice<DivisionTalk> DIVISION_TALK =
            choice("divisionTalk", "Division and roots", "Dividing is", DivisionTalk.class);
    static final Choice<YesNo> MINUS_SIGNS =
            choice("minusSigns", "Division and roots", "Minus signs are written", YesNo.class);
    static final Choice<YesNo> ZERO_PRODUCTS =
            choice("zeroProducts", "Division and roots", "Products of 0 are written", YesNo.class);
    static final Choice<YesNo> ZERO_DIFFERENCES =
            choice("zeroDifferences", "Division and roots", "A difference of 0 is written before what comes down",
                    YesNo.class);
    static final Choice<Arrows> ARROWS =
            choice("arrows", "Division and roots", "The arrow of what is brought down stands", Arrows.class);
    static final Choice<RootEstimate> ROOT_ESTIMATE =
            choice("rootEstimate", "Division and roots", "The estimate for a digit of a root", RootEstimate.class);
    static final Choice<RootBoxes> ROOT_BOXES =
            choice("rootBoxes", "Division and roots", "Open boxes for a root's digit stand", RootBoxes.class);
    static final Choice<RemainderMark> REMAINDER_MARK =
            choice("remainderMark", "Division and roots", "A remainder is written", RemainderMark.class);
    static final Choice<YesNo> MULTIPLES =
            choice("multiples", "Division and roots", "The divisor's multiples stand beside", YesNo.class);
    static final Choice<MethodMarks> METHOD_MARKS =
            choice("methodMarks", "Marking", "A paper gets", MethodMarks.class);
    static final Choice<PointSign> POINT = choice("point", "Numbers", "The decimal sign is", PointSign.class);
    static final Choice<Grouping> GROUPING =
            choice("grouping", "Numbers", "Long numbers are grouped", Grouping.class);
    static final Choice<GroupFrom> GROUP_FROM =
            choice("groupFrom", "Numbers", "Where they are grouped, it is from", GroupFrom.class);
    static final Choice<OnesWord> ONES_WORD =
            choice("onesWord", "Words", "The last whole place is called", OnesWord.class);
    static final Choice<CarryWord> CARRY_WORD = choice("carryWord", "Words", "Ten of a place", CarryWord.class);
    static final Choice<ExchangeWord> EXCHANGE_WORD =
            choice("exchangeWord", "Words", "Getting ten for one is called", ExchangeWord.class);
    static final Choice<TakeAwayWord> TAKE_AWAY_WORD =
            choice("takeAwayWord", "Words", "The minus sign is read", TakeAwayWord.class);
    static final Map<Operation, Choice<MethodName>> METHODS = perOperation(operation -> declared(new Choice<>(
            operation.property() + "Method", "Methods", operation.title(), example(operation), Map.of(),
            Shown.ON_PAPER, MethodName.class,
            MethodName.of(operation))));
    static final Choice<YesNo> ESTIMATE_FIRST =
            choice("estimateFirst", "Checks", "About how much comes out is said first", YesNo.class);
    static final Choice<CheckPlace> CHECK_PLACE =
            choice("checkPlace", "Checks", "What is added back stands", CheckPlace.class);
    static final Map<Operation, Choice<CheckKind>> CHECKS = perOperation(operation -> declared(new Choice<>(
            operation.property() + "Check", "Checks", operation.title(), example(operation), Map.of(), CHECKED,
            CheckKind.class,
            CheckKind.of(operation))));

    /** Everything that can be chosen, in the order in which a teacher meets it. */
    static final List<Choice<?>> ALL = List.copyOf(DECLARED);

    private static <T extends Option> Map<Operation, Choice<T>> perOperation(Function<Operation, Choice<T>> choice) {
        Map<Operation, Choice<T>> choices = new EnumMap<>(Operation.class);
        for (Operation operation : Operation.values()) {
            choices.put(operation, choice.apply(operation));
        }
        return choices;
    }

    private static String example(Operation operation) {
        return switch (operation) {
            case ADDITION -> "47 + 38 + 25";
            case SUBTRACTION -> "403 − 128";
            case MULTIPLICATION -> "46 × 37";
            case DIVISION -> "97 ÷ 4";
            case SQUARE_ROOT -> "√529";
        };
    }

    private static <T extends Option> Choice<T> choice(String id, String group, String title, Class<T> options) {
        return declared(new Choice<>(id, group, title,
                Objects.requireNonNull(EXAMPLES.containsKey(id) ? EXAMPLES.get(id) : EXAMPLES.get(group), id),
                SHOWN_WITH.getOrDefault(id, Map.of()),
                SHOWN.getOrDefault(id, SHOWN.getOrDefault(group, Shown.ON_PAPER)), options,
                List.of(options.getEnumConstants())));
    }

    private static <T extends Option> Choice<T> declared(Choice<T> choice) {
        DECLARED.add(choice);
        return choice;
    }
}
