package bemble.core.style;

import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.style.option.AnswerMark;
import bemble.core.style.division.Arrows;
import bemble.core.style.option.JottedTotals;
import bemble.core.style.carry.CarryFigure;
import bemble.core.style.carry.CarryOrder;
import bemble.core.style.carry.CarryPlace;
import bemble.core.style.option.CheckPlace;
import bemble.core.style.option.ColumnGap;
import bemble.core.style.option.ColumnOrder;
import bemble.core.style.option.CrossLines;
import bemble.core.style.option.CrossProducts;
import bemble.core.style.option.ExchangeWriting;
import bemble.core.style.option.Grouping;
import bemble.core.style.option.Heads;
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
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * How one teacher writes and speaks: an {@link Option} for every {@link Choice}; {@code USUAL.with(Map.of("point", "comma"))}
 * writes 1,5. Immutable. Long, for each choice is asked for by a method of its own.
 */
public final class HouseStyle {
    /** Everything that can be chosen, in the order in which a teacher meets it. */
    public static final List<Choice<?>> CHOICES = Choices.ALL;

    /** The usual option of every choice. */
    public static final HouseStyle USUAL =
            new HouseStyle(CHOICES.stream().collect(Collectors.toMap(Choice::id, Choice::usual)));

    /** What switches on all that a teacher adds for the eye: options by their choices. */
    public static final Map<String, String> TEACHERS_SIGNS = Choices.SIGNS_ON;

    private final Map<String, Option> options;

    private HouseStyle(Map<String, Option> options) {
        this.options = Map.copyOf(options);
    }

    /**
     * This style with some choices made otherwise.
     *
     * @param ids the id of an option for the id of each choice to change
     * @throws Refusal when there is no such choice or option; the fault's field is {@code style.} and the choice
     */
    public HouseStyle with(Map<String, String> ids) {
        Map<String, Option> changed = new HashMap<>(options);
        ids.forEach((choiceId, optionId) -> changed.put(choiceId, find(choiceId, optionId)));
        return new HouseStyle(changed);
    }

    /** This style with one choice made otherwise. */
    public HouseStyle with(String choiceId, Option option) {
        return with(Map.of(choiceId, option.id()));
    }

    /** The numbers stay in the order given, as a check by another order needs. */
    public HouseStyle keepingOrder() {
        return with(Choices.ORDER.id(), NumberOrder.KEPT);
    }

    private static Option find(String choiceId, String optionId) {
        Choice<?> choice = CHOICES.stream().filter(c -> c.id().equals(choiceId)).findFirst().orElseThrow(() -> Refusal
                .of("style." + choiceId, "There is no choice called “" + choiceId + "” in a house style."));
        return choice.options().stream().filter(option -> option.id().equals(optionId)).findFirst().orElseThrow(
                () -> Refusal.of("style." + choiceId, "“" + optionId + "” cannot be chosen here. Choose one of: "
                        + choice.options().stream().map(Option::id).collect(Collectors.joining(", ")) + "."));
    }

    /** The ids of all options by the ids of their choices, in the order of {@link #CHOICES}. */
    public Map<String, String> ids() {
        Map<String, String> ids = new LinkedHashMap<>();
        CHOICES.forEach(choice -> ids.put(choice.id(), get(choice).id()));
        return ids;
    }

    private <T extends Option> T get(Choice<T> choice) {
        return choice.type().cast(Objects.requireNonNull(options.get(choice.id()), choice.id()));
    }

    /** The method by which this teacher works an operation. */
    public MethodName method(Operation operation) {
        return get(Objects.requireNonNull(Choices.METHODS.get(operation)));
    }

    /** How this teacher checks an operation. */
    public CheckKind check(Operation operation) {
        return get(Objects.requireNonNull(Choices.CHECKS.get(operation)));
    }

    /** Whether what is added back is added right beneath what stands there. */
    public boolean checksBeneath() {
        return get(Choices.CHECK_PLACE) == CheckPlace.BENEATH;
    }

    /** How answers are written down: where the comma is the point and no point groups digits, a point is a comma too. */
    public Punctuation answersWritten() {
        boolean groupsByPoint = get(Choices.GROUPING).sign(point()).equals(".");
        return point() == PointSign.COMMA && !groupsByPoint ? Punctuation.COMMA_OR_POINT : point().punctuation();
    }

    /** Carries that would stand above the columns stand at the foot of them, where the sum has no room above. */
    public HouseStyle withCarriesIn() {
        return carryPlace() == CarryPlace.ABOVE_NEXT ? with(Choices.CARRY_PLACE.id(), CarryPlace.FOOT_OF_NEXT) : this;
    }

    /**
     * Whether the ten that was got is written as a small 1 in front of the digit.
     *
     * @param passesOn whether the digit passes the ten on
     */
    public boolean writesTenInFront(boolean passesOn) {
        return get(Choices.EXCHANGE_WRITING) == ExchangeWriting.ALWAYS_IN_FRONT
                || !passesOn && get(Choices.EXCHANGE_WRITING) == ExchangeWriting.IN_FRONT;
    }

    /** Whether nothing is written of an exchange. */
    public boolean exchangesInTheHead() {
        return get(Choices.EXCHANGE_WRITING) == ExchangeWriting.IN_THE_HEAD;
    }

    /** Whether whole numbers that stand over decimals get a point. */
    public boolean pointsWholeNumbers() {
        return get(Choices.WHOLE_POINTS) == YesNo.YES;
    }

    public AnswerMark answerMark() {
        return get(Choices.ANSWER_MARK);
    }

    /** Whether a difference of 0 is written though something comes down beside it. */
    public boolean writesZeroDifferences() {
        return get(Choices.ZERO_DIFFERENCES) == YesNo.YES;
    }

    public Arrows arrows() {
        return get(Choices.ARROWS);
    }

    public boolean expandsExchanges() {
        return get(Choices.EXPANDED) == YesNo.YES;
    }

    /** Whether the small figure of what is carried is written before the digit of its column. */
    public boolean writesCarryBeforeDigit() {
        return get(Choices.CARRY_FIGURE) == CarryFigure.BEFORE_DIGIT;
    }

    /** Whether the one added below is taken away after the digit that stands there. */
    public boolean paysBackLast() {
        return get(Choices.PAY_BACK) == PayBack.LAST;
    }

    /** Whether the one added below stands in the row of the answer. */
    public boolean paysBackInAnswer() {
        return get(Choices.PAY_BACK_PLACE) == PayBackPlace.IN_ANSWER;
    }

    /** Whether a 1 at the front that would be used up whole is taken together with the figure beside it. */
    public boolean takesLastTogether() {
        return get(Choices.LAST_COLUMNS) == LastColumns.TOGETHER;
    }

    /** Whether the point of an answer is set before its digits. */
    public boolean setsPointFirst() {
        return get(Choices.POINT_ORDER) == PointOrder.FIRST;
    }

    public Placeholder placeholder() {
        return get(Choices.PLACEHOLDER);
    }

    public boolean writesZeroRows() {
        return get(Choices.ZERO_ROWS) == ZeroRows.WRITTEN;
    }

    /** Whether lines join the digits that are multiplied crosswise; else they get a wash. */
    public boolean drawsCrossLines() {
        return get(Choices.CROSS_LINES) == CrossLines.DRAWN;
    }

    public boolean jotsCrossProducts() {
        return get(Choices.CROSS_PRODUCTS) == CrossProducts.JOTTED;
    }

    /** Whether the carries of a product's rows are written at all. */
    public boolean writesRowCarries() {
        return get(Choices.ROW_CARRIES) == RowCarries.WRITTEN;
    }

    /** How many squares a column of a sum, a difference or a product takes: 1, or 2 where a gap stands between them. */
    public int squaresOfColumn() {
        return get(Choices.COLUMN_GAP) == ColumnGap.SQUARE ? 2 : 1;
    }

    /** In which order the digits of a column are added. */
    public ColumnOrder columnOrder() {
        return get(Choices.COLUMN_ORDER);
    }

    /** Whether a class decides aloud before every column: enough, a ten, does it go. */
    public boolean decidesAloud() {
        return get(Choices.DECIDING) == Deciding.EVERY_COLUMN;
    }

    /** Whether dividing is said as measuring out, not as sharing. */
    public boolean measuresOut() {
        return get(Choices.DIVISION_TALK) == DivisionTalk.MEASURING;
    }

    public boolean writesMinusSigns() {
        return get(Choices.MINUS_SIGNS) == YesNo.YES;
    }

    public boolean writesZeroProducts() {
        return get(Choices.ZERO_PRODUCTS) == YesNo.YES;
    }

    public boolean jotsRootEstimates() {
        return get(Choices.ROOT_ESTIMATE) == RootEstimate.JOTTED;
    }

    /** Whether boxes for a digit that is sought stand already for the first one of a root. */
    public boolean boxesFirstRootDigit() {
        return get(Choices.ROOT_BOXES) == RootBoxes.FIRST;
    }

    /** Whether all pairs of zeros that a root will need stand behind its number from the start. */
    public boolean setsOutRootZeros() {
        return get(Choices.ROOT_ZEROS) == RootZeros.AT_THE_START;
    }

    /** Whether a root's point is set when the pair behind it comes down, and not with the digit behind it. */
    public boolean setsRootPointWithPair() {
        return get(Choices.ROOT_POINT) == RootPoint.WITH_PAIR;
    }

    /** Whether the divisors beside a root stand alone, without signs, rules and the digit once more. */
    public boolean leavesRootDivisorsBare() {
        return get(Choices.ROOT_DIVISORS) == RootDivisors.BARE;
    }

    /** Whether × 2 stands beside the doubled root. */
    public boolean marksRootDoubling() {
        return get(Choices.ROOT_DOUBLING) == YesNo.YES;
    }

    /** How the parts of partial sums come together. */
    public PartSums partSums() {
        return get(Choices.PART_SUMS);
    }

    public RemainderMark remainderMark() {
        return get(Choices.REMAINDER_MARK);
    }

    public boolean listsMultiples() {
        return get(Choices.MULTIPLES) == YesNo.YES;
    }

    public ExchangeWord exchangeWord() {
        return get(Choices.EXCHANGE_WORD);
    }

    public TakeAwayWord takeAwayWord() {
        return get(Choices.TAKE_AWAY_WORD);
    }

    public CarryPlace carryPlace() {
        return get(Choices.CARRY_PLACE);
    }

    public boolean carryFirst() {
        return get(Choices.CARRY_ORDER) == CarryOrder.FIRST;
    }

    public boolean strikesCarries() {
        return get(Choices.STRIKE_CARRIES) == YesNo.YES;
    }

    public Pace pace() {
        return get(Choices.PACE);
    }

    /** Whether totals of columns are jotted beside, all or those of two digits, one by one or as they grow. */
    public boolean jotsTotals() {
        return get(Choices.JOT_TOTALS) != JottedTotals.NO || jotsRunningTotals();
    }

    /** Whether of the totals that are jotted only those of two digits are. */
    public boolean jotsLargeTotalsOnly() {
        return get(Choices.JOT_TOTALS) == JottedTotals.TWO_DIGITS;
    }

    /** Whether a column's total is jotted number by number. */
    public boolean jotsRunningTotals() {
        return get(Choices.COLUMN_TOTALS) == ColumnTotals.JOTTED;
    }

    /** Whether a column's total is said number by number. */
    public boolean saysRunningTotals() {
        return get(Choices.COLUMN_TOTALS) != ColumnTotals.AT_ONCE;
    }

    /** Whether it is said before the work about how much comes out, and held against the answer at the end. */
    public boolean estimatesFirst() {
        return get(Choices.ESTIMATE_FIRST) == YesNo.YES;
    }

    public NumberOrder order() {
        return get(Choices.ORDER);
    }

    public boolean padsZeros() {
        return get(Choices.PAD_ZEROS) == YesNo.YES;
    }

    /** Whether each line of a working counts, not the answer alone. */
    public boolean givesMethodMarks() {
        return get(Choices.METHOD_MARKS) == MethodMarks.LINES;
    }

    public Heads heads() {
        return get(Choices.HEADS);
    }

    public PointSign point() {
        return get(Choices.POINT);
    }

    public OnesWord onesWord() {
        return get(Choices.ONES_WORD);
    }

    public CarryWord carryWord() {
        return get(Choices.CARRY_WORD);
    }

    /** Whether long numbers are grouped. */
    public boolean groups() {
        return get(Choices.GROUPING) != Grouping.NONE;
    }

    /** From how many digits on a number is grouped. */
    public int groupsFrom() {
        return get(Choices.GROUP_FROM).digits();
    }

    /** How many digits a group has, the first three from the right aside. */
    public int groupStep() {
        return get(Choices.GROUPING).twos() ? 2 : 3;
    }

    /** A problem as this teacher writes it on one line. */
    public String problem(Problem problem) {
        return point().punctuation().write(problem);
    }

    /** An answer in plain digits with a point, such as {@code 63 r 6}, as this teacher writes it. */
    public String answer(String plain) {
        return point().punctuation().write(plain);
    }

    /** A number as this teacher writes it on one line, grouped where that is the style. */
    public String number(Numeral number) {
        String plain = number.plain();
        int end = plain.length() - number.decimals() - (number.isWhole() ? 0 : 1);
        String whole = plain.substring(0, end);
        String fraction = number.isWhole() ? "" : point().punctuation().point() + plain.substring(end + 1);
        return (whole.length() < groupsFrom() ? whole : grouped(whole)) + fraction;
    }

    private String grouped(String whole) {
        Grouping grouping = get(Choices.GROUPING);
        String sign = grouping.sign(point());
        StringBuilder text = new StringBuilder(whole);
        for (int at = whole.length() - 3; at > 0; at -= groupStep()) {
            text.insert(at, sign);
        }
        return text.toString();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof HouseStyle that && options.equals(that.options);
    }

    @Override
    public int hashCode() {
        return options.hashCode();
    }

    @Override
    public String toString() {
        return ids().toString();
    }
}
