package bemble.core.style;

import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
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
import bemble.core.style.option.LastColumns;
import bemble.core.style.option.MethodMarks;
import bemble.core.style.option.Option;
import bemble.core.style.option.PartSums;
import bemble.core.style.option.PayBack;
import bemble.core.style.option.Placeholder;
import bemble.core.style.option.PointOrder;
import bemble.core.style.option.PointSign;
import bemble.core.style.option.RemainderMark;
import bemble.core.style.option.RootBoxes;
import bemble.core.style.option.RootEstimate;
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
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * How one teacher writes and speaks: an {@link Option} for every {@link Choice}; {@code USUAL.with(Map.of("point", "comma"))}
 * writes 1,5. Immutable. Long, for every choice stands here once with its title, what a new school begins with, and one line
 * to read it by.
 */
public final class HouseStyle {
    /** A small problem for each group of choices, and for a choice that its group's would not show. */
    private static final Map<String, String> EXAMPLES = Map.ofEntries(
            Map.entry("Carries", "147 + 285"),
            Map.entry("Steps", "147 + 285"),
            Map.entry("Setting out", "38 + 146.5"),
            Map.entry("Subtraction", "403 − 128"),
            Map.entry("lastColumns", "134 − 52"),
            Map.entry("Multiplication", "346 × 205"),
            Map.entry("Division and roots", "812 ÷ 4"),
            Map.entry("rootEstimate", "√1849"),
            Map.entry("rootBoxes", "√1849"),
            Map.entry("remainderMark", "97 ÷ 4"),
            Map.entry("Marking", "53 × 24"),
            Map.entry("Numbers", "8765.5 + 4321"),
            Map.entry("columnOrder", "147 + 285 + 63"),
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
            "payBack", Map.of("subtractionMethod", "equal-additions"));

    private static final List<Choice<?>> DECLARED = new ArrayList<>();
    private static final Choice<CarryPlace> CARRY_PLACE =
            choice("carryPlace", "Carries", "Carries stand", CarryPlace.class);
    private static final Choice<CarryOrder> CARRY_ORDER =
            choice("carryOrder", "Carries", "The carry is added", CarryOrder.class);
    private static final Choice<YesNo> STRIKE_CARRIES =
            choice("strikeCarries", "Carries", "Used carries are struck out", YesNo.class);
    private static final Choice<Pace> PACE = choice("pace", "Steps", "One step is", Pace.class);
    private static final Choice<ColumnOrder> COLUMN_ORDER =
            choice("columnOrder", "Steps", "A column is added", ColumnOrder.class);
    private static final Choice<ColumnTotals> COLUMN_TOTALS =
            choice("columnTotals", "Steps", "The total of a column is said", ColumnTotals.class);
    private static final Choice<PartSums> PART_SUMS =
            choice("partSums", "Steps", "By partial sums, the parts are", PartSums.class);
    private static final Choice<Deciding> DECIDING =
            choice("deciding", "Steps", "“Is there enough?” is asked", Deciding.class);
    private static final Choice<YesNo> JOT_TOTALS =
            choice("jotTotals", "Steps", "Totals are jotted beside", YesNo.class);
    private static final Choice<NumberOrder> ORDER = choice("order", "Setting out", "On top stands", NumberOrder.class);
    private static final Choice<YesNo> PAD_ZEROS =
            choice("padZeros", "Setting out", "Empty places get a 0", YesNo.class);
    private static final Choice<PointOrder> POINT_ORDER =
            choice("pointOrder", "Setting out", "The point of the answer is set", PointOrder.class);
    private static final Choice<Heads> HEADS = choice("heads", "Setting out", "Column heads", Heads.class);
    private static final Choice<ExchangeWriting> EXCHANGE_WRITING =
            choice("exchangeWriting", "Subtraction", "The ten that was got stands as", ExchangeWriting.class);
    private static final Choice<YesNo> EXPANDED =
            choice("expandedExchanges", "Subtraction", "Exchanges stand beside in values", YesNo.class);
    private static final Choice<PayBack> PAY_BACK =
            choice("payBack", "Subtraction", "By equal additions, the one below is taken away", PayBack.class);
    private static final Choice<LastColumns> LAST_COLUMNS =
            choice("lastColumns", "Subtraction", "The last two columns are worked", LastColumns.class);
    private static final Choice<Placeholder> PLACEHOLDER =
            choice("placeholder", "Multiplication", "Empty places at a row's end get", Placeholder.class);
    private static final Choice<ZeroRows> ZERO_ROWS =
            choice("zeroRows", "Multiplication", "For a 0 in the lower number", ZeroRows.class);
    private static final Choice<CrossLines> CROSS_LINES =
            choice("crossLines", "Multiplication", "Crosswise, digits that belong together get", CrossLines.class);
    private static final Choice<CrossProducts> CROSS_PRODUCTS =
            choice("crossProducts", "Multiplication", "Crosswise, the products of a column", CrossProducts.class);
    private static final Choice<RowCarries> ROW_CARRIES =
            choice("rowCarries", "Multiplication", "What a row carries", RowCarries.class);
    private static final Choice<DivisionTalk> DIVISION_TALK =
            choice("divisionTalk", "Division and roots", "Dividing is", DivisionTalk.class);
    private static final Choice<YesNo> MINUS_SIGNS =
            choice("minusSigns", "Division and roots", "Minus signs are written", YesNo.class);
    private static final Choice<YesNo> ZERO_PRODUCTS =
            choice("zeroProducts", "Division and roots", "Products of 0 are written", YesNo.class);
    private static final Choice<RootEstimate> ROOT_ESTIMATE =
            choice("rootEstimate", "Division and roots", "The estimate for a digit of a root", RootEstimate.class);
    private static final Choice<RootBoxes> ROOT_BOXES =
            choice("rootBoxes", "Division and roots", "Open boxes for a root's digit stand", RootBoxes.class);
    private static final Choice<RemainderMark> REMAINDER_MARK =
            choice("remainderMark", "Division and roots", "A remainder is written", RemainderMark.class);
    private static final Choice<YesNo> MULTIPLES =
            choice("multiples", "Division and roots", "The divisor's multiples stand beside", YesNo.class);
    private static final Choice<MethodMarks> METHOD_MARKS =
            choice("methodMarks", "Marking", "A paper gets", MethodMarks.class);
    private static final Choice<PointSign> POINT = choice("point", "Numbers", "The decimal sign is", PointSign.class);
    private static final Choice<Grouping> GROUPING =
            choice("grouping", "Numbers", "Long numbers are grouped", Grouping.class);
    private static final Choice<GroupFrom> GROUP_FROM =
            choice("groupFrom", "Numbers", "Where they are grouped, it is from", GroupFrom.class);
    private static final Choice<OnesWord> ONES_WORD =
            choice("onesWord", "Words", "The last whole place is called", OnesWord.class);
    private static final Choice<CarryWord> CARRY_WORD = choice("carryWord", "Words", "Ten of a place", CarryWord.class);
    private static final Choice<ExchangeWord> EXCHANGE_WORD =
            choice("exchangeWord", "Words", "Getting ten for one is called", ExchangeWord.class);
    private static final Choice<TakeAwayWord> TAKE_AWAY_WORD =
            choice("takeAwayWord", "Words", "The minus sign is read", TakeAwayWord.class);
    private static final Map<Operation, Choice<MethodName>> METHODS = perOperation(operation -> declared(new Choice<>(
            operation.property() + "Method", "Methods", operation.title(), example(operation), Map.of(),
            MethodName.class,
            MethodName.of(operation))));
    private static final Choice<YesNo> ESTIMATE_FIRST =
            choice("estimateFirst", "Checks", "About how much comes out is said first", YesNo.class);
    private static final Choice<CheckPlace> CHECK_PLACE =
            choice("checkPlace", "Checks", "What is added back stands", CheckPlace.class);
    private static final Map<Operation, Choice<CheckKind>> CHECKS = perOperation(operation -> declared(new Choice<>(
            operation.property() + "Check", "Checks", operation.title(), example(operation), Map.of(), CheckKind.class,
            CheckKind.of(operation))));

    /** Everything that can be chosen, in the order in which a teacher meets it. */
    public static final List<Choice<?>> CHOICES = List.copyOf(DECLARED);

    /** The usual option of every choice. */
    public static final HouseStyle USUAL =
            new HouseStyle(CHOICES.stream().collect(Collectors.toMap(Choice::id, Choice::usual)));

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
        return with(ORDER.id(), NumberOrder.KEPT);
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

    private <T extends Option> T get(Choice<T> choice) {
        return choice.type().cast(Objects.requireNonNull(options.get(choice.id()), choice.id()));
    }

    /** The method by which this teacher works an operation. */
    public MethodName method(Operation operation) {
        return get(Objects.requireNonNull(METHODS.get(operation)));
    }

    /** How this teacher checks an operation. */
    public CheckKind check(Operation operation) {
        return get(Objects.requireNonNull(CHECKS.get(operation)));
    }

    /** Whether what is added back is added right beneath what stands there. */
    public boolean checksBeneath() {
        return get(CHECK_PLACE) == CheckPlace.BENEATH;
    }

    /** How answers are written down: where the comma is the point and no point groups digits, a point is a comma too. */
    public Punctuation answersWritten() {
        boolean groupsByPoint = get(GROUPING).sign(point()).equals(".");
        return point() == PointSign.COMMA && !groupsByPoint ? Punctuation.COMMA_OR_POINT : point().punctuation();
    }

    /** Carries that would stand above the columns stand at the foot of them, where the sum has no room above. */
    public HouseStyle withCarriesIn() {
        return carryPlace() == CarryPlace.ABOVE_NEXT ? with(CARRY_PLACE.id(), CarryPlace.FOOT_OF_NEXT) : this;
    }

    public boolean writesTenInFront() {
        return get(EXCHANGE_WRITING) == ExchangeWriting.IN_FRONT;
    }

    public boolean expandsExchanges() {
        return get(EXPANDED) == YesNo.YES;
    }

    /** Whether the one added below is taken away after the digit that stands there. */
    public boolean paysBackLast() {
        return get(PAY_BACK) == PayBack.LAST;
    }

    /** Whether a 1 at the front that would be used up whole is taken together with the figure beside it. */
    public boolean takesLastTogether() {
        return get(LAST_COLUMNS) == LastColumns.TOGETHER;
    }

    /** Whether the point of an answer is set before its digits. */
    public boolean setsPointFirst() {
        return get(POINT_ORDER) == PointOrder.FIRST;
    }

    public Placeholder placeholder() {
        return get(PLACEHOLDER);
    }

    public boolean writesZeroRows() {
        return get(ZERO_ROWS) == ZeroRows.WRITTEN;
    }

    /** Whether lines join the digits that are multiplied crosswise; else they get a wash. */
    public boolean drawsCrossLines() {
        return get(CROSS_LINES) == CrossLines.DRAWN;
    }

    public boolean jotsCrossProducts() {
        return get(CROSS_PRODUCTS) == CrossProducts.JOTTED;
    }

    /** Whether the carries of a product's rows are written at all. */
    public boolean writesRowCarries() {
        return get(ROW_CARRIES) == RowCarries.WRITTEN;
    }

    /** In which order the digits of a column are added. */
    public ColumnOrder columnOrder() {
        return get(COLUMN_ORDER);
    }

    /** Whether a class decides aloud before every column: enough, a ten, does it go. */
    public boolean decidesAloud() {
        return get(DECIDING) == Deciding.EVERY_COLUMN;
    }

    /** Whether dividing is said as measuring out, not as sharing. */
    public boolean measuresOut() {
        return get(DIVISION_TALK) == DivisionTalk.MEASURING;
    }

    public boolean writesMinusSigns() {
        return get(MINUS_SIGNS) == YesNo.YES;
    }

    public boolean writesZeroProducts() {
        return get(ZERO_PRODUCTS) == YesNo.YES;
    }

    public boolean jotsRootEstimates() {
        return get(ROOT_ESTIMATE) == RootEstimate.JOTTED;
    }

    /** Whether boxes for a digit that is sought stand already for the first one of a root. */
    public boolean boxesFirstRootDigit() {
        return get(ROOT_BOXES) == RootBoxes.FIRST;
    }

    /** How the parts of partial sums come together. */
    public PartSums partSums() {
        return get(PART_SUMS);
    }

    public RemainderMark remainderMark() {
        return get(REMAINDER_MARK);
    }

    public boolean listsMultiples() {
        return get(MULTIPLES) == YesNo.YES;
    }

    public ExchangeWord exchangeWord() {
        return get(EXCHANGE_WORD);
    }

    public TakeAwayWord takeAwayWord() {
        return get(TAKE_AWAY_WORD);
    }

    public CarryPlace carryPlace() {
        return get(CARRY_PLACE);
    }

    public boolean carryFirst() {
        return get(CARRY_ORDER) == CarryOrder.FIRST;
    }

    public boolean strikesCarries() {
        return get(STRIKE_CARRIES) == YesNo.YES;
    }

    public Pace pace() {
        return get(PACE);
    }

    public boolean jotsTotals() {
        return get(JOT_TOTALS) == YesNo.YES;
    }

    /** Whether a column's total is said number by number. */
    public boolean saysRunningTotals() {
        return get(COLUMN_TOTALS) == ColumnTotals.RUNNING;
    }

    /** Whether it is said before the work about how much comes out, and held against the answer at the end. */
    public boolean estimatesFirst() {
        return get(ESTIMATE_FIRST) == YesNo.YES;
    }

    public NumberOrder order() {
        return get(ORDER);
    }

    public boolean padsZeros() {
        return get(PAD_ZEROS) == YesNo.YES;
    }

    /** Whether each line of a working counts, not the answer alone. */
    public boolean givesMethodMarks() {
        return get(METHOD_MARKS) == MethodMarks.LINES;
    }

    public Heads heads() {
        return get(HEADS);
    }

    public PointSign point() {
        return get(POINT);
    }

    public OnesWord onesWord() {
        return get(ONES_WORD);
    }

    public CarryWord carryWord() {
        return get(CARRY_WORD);
    }

    /** Whether long numbers are grouped. */
    public boolean groups() {
        return get(GROUPING) != Grouping.NONE;
    }

    /** From how many digits on a number is grouped. */
    public int groupsFrom() {
        return get(GROUP_FROM).digits();
    }

    /** How many digits a group has, the first three from the right aside. */
    public int groupStep() {
        return get(GROUPING).twos() ? 2 : 3;
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
        Grouping grouping = get(GROUPING);
        String sign = grouping.sign(point());
        StringBuilder text = new StringBuilder(whole);
        for (int at = whole.length() - 3; at > 0; at -= groupStep()) {
            text.insert(at, sign);
        }
        return text.toString();
    }

    private static <T extends Option> Choice<T> choice(String id, String group, String title, Class<T> options) {
        return declared(new Choice<>(id, group, title,
                Objects.requireNonNull(EXAMPLES.containsKey(id) ? EXAMPLES.get(id) : EXAMPLES.get(group), id),
                SHOWN_WITH.getOrDefault(id, Map.of()), options,
                List.of(options.getEnumConstants())));
    }

    private static <T extends Option> Choice<T> declared(Choice<T> choice) {
        DECLARED.add(choice);
        return choice;
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
