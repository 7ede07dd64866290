package bemble.core.style;

import bemble.core.problem.Operation;
import bemble.core.style.option.AnswerMark;
import bemble.core.style.division.Arrows;
import bemble.core.style.carry.CarryFigure;
import bemble.core.style.carry.CarryOrder;
import bemble.core.style.carry.CarryPlace;
import bemble.core.style.option.CheckPlace;
import bemble.core.style.option.ColumnGap;
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
import bemble.core.style.division.RootDivisors;
import bemble.core.style.division.RootEstimate;
import bemble.core.style.division.RootPoint;
import bemble.core.style.division.RootZeros;
import bemble.core.style.carry.RowCarries;
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
import java.util.function.Function;

/**
 * Everything that a house style chooses: each choice stands here once with its title, what a new school begins with (its first option), and
 * a small problem that shows it.
 */
final class Choices {
    private Choices() {}

    /** The group of what a teacher adds for the eye. */
    static final String SIGNS = "Teacher’s signs";
    /** What switches all of them on. */
    static final Map<String, String> SIGNS_ON =
            Map.of("wholePoints", "yes", "answerMark", "ruled", "arrows", "staying", "rootDoubling", "yes");

    private static final List<Choice<?>> DECLARED = new ArrayList<>();
    static final Choice<CarryPlace> CARRY_PLACE =
            choice("carryPlace", "Carries", "Carries stand", CarryPlace.class);
    static final Choice<CarryOrder> CARRY_ORDER =
            choice("carryOrder", "Carries", "The carry is added", CarryOrder.class);
    static final Choice<CarryFigure> CARRY_FIGURE =
            choice("carryFigure", "Carries", "The small figure is written", CarryFigure.class);
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
    static final Choice<ColumnGap> COLUMN_GAP =
            choice("columnGap", "Setting out", "Columns stand", ColumnGap.class);
    static final Choice<YesNo> PAD_ZEROS =
            choice("padZeros", "Setting out", "Empty places get a 0", YesNo.class);
    static final Choice<PointOrder> POINT_ORDER =
            choice("pointOrder", "Setting out", "The point of the answer is set", PointOrder.class);
    static final Choice<Heads> HEADS = choice("heads", "Setting out", "Column heads", Heads.class);
    static final Choice<YesNo> WHOLE_POINTS =
            choice("wholePoints", SIGNS, "Whole numbers over decimals get their point", YesNo.class);
    static final Choice<AnswerMark> ANSWER_MARK =
            choice("answerMark", SIGNS, "The answer is", AnswerMark.class);
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
            choice("arrows", SIGNS, "The arrow of what is brought down stands", Arrows.class);
    static final Choice<YesNo> ROOT_DOUBLING =
            choice("rootDoubling", SIGNS, "A doubled root gets × 2", YesNo.class);
    static final Choice<RootEstimate> ROOT_ESTIMATE =
            choice("rootEstimate", "Division and roots", "The estimate for a digit of a root", RootEstimate.class);
    static final Choice<RootBoxes> ROOT_BOXES =
            choice("rootBoxes", "Division and roots", "Open boxes for a root's digit stand", RootBoxes.class);
    static final Choice<RootZeros> ROOT_ZEROS =
            choice("rootZeros", "Division and roots", "Pairs of zeros behind a root's number are written",
                    RootZeros.class);
    static final Choice<RootPoint> ROOT_POINT =
            choice("rootPoint", "Division and roots", "The point of a root is set", RootPoint.class);
    static final Choice<RootDivisors> ROOT_DIVISORS =
            choice("rootDivisors", "Division and roots", "Beside a root, divisors stand", RootDivisors.class);
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
            operation.property() + "Check", "Checks", operation.title(), example(operation), Map.of(), Examples.CHECKED,
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
                Examples.problem(id, group), Examples.shownWith(id), Examples.shown(id, group), options,
                List.of(options.getEnumConstants())));
    }

    private static <T extends Option> Choice<T> declared(Choice<T> choice) {
        DECLARED.add(choice);
        return choice;
    }
}
