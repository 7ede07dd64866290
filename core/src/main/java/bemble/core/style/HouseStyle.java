package bemble.core.style;

import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Refusal;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How one teacher writes and speaks: an {@link Option} for every {@link Choice}. Immutable. */
public final class HouseStyle {
    /** A small problem for each group of choices, and for a choice that its group's would not show. */
    private static final Map<String, String> EXAMPLES = Map.ofEntries(
            Map.entry("Carries", "147 + 285"),
            Map.entry("Steps", "147 + 285"),
            Map.entry("Setting out", "38 + 146.5"),
            Map.entry("Subtraction", "403 − 128"),
            Map.entry("Multiplication", "346 × 205"),
            Map.entry("Division and roots", "812 ÷ 4"),
            Map.entry("remainderMark", "97 ÷ 4"),
            Map.entry("Numbers", "8765.5 + 4321"),
            Map.entry("grouping", "1234567 + 87654"),
            Map.entry("Words", "47 + 38"),
            Map.entry("exchangeWord", "42 − 17"),
            Map.entry("takeAwayWord", "48 − 17"));

    private static final Choice CARRY_PLACE = choice("carryPlace", "Carries", "Carries stand", CarryPlace.values());
    private static final Choice CARRY_ORDER = choice("carryOrder", "Carries", "The carry is added", CarryOrder.values());
    private static final Choice STRIKE_CARRIES =
            choice("strikeCarries", "Carries", "Used carries are struck out", YesNo.values());
    private static final Choice PACE = choice("pace", "Steps", "One step is", Pace.values());
    private static final Choice JOT_TOTALS = choice("jotTotals", "Steps", "Totals are jotted beside", YesNo.values());
    private static final Choice ORDER = choice("order", "Setting out", "On top stands", NumberOrder.values());
    private static final Choice PAD_ZEROS = choice("padZeros", "Setting out", "Empty places get a 0", YesNo.values());
    private static final Choice HEADS = choice("heads", "Setting out", "Column heads", Heads.values());
    private static final Choice POINT = choice("point", "Numbers", "The decimal sign is", PointSign.values());
    private static final Choice GROUPING = choice("grouping", "Numbers", "Long numbers are grouped", Grouping.values());
    private static final Choice EXCHANGE_WRITING =
            choice("exchangeWriting", "Subtraction", "The ten that was got stands as", ExchangeWriting.values());
    private static final Choice EXPANDED =
            choice("expandedExchanges", "Subtraction", "Exchanges stand beside in values", YesNo.values());
    private static final Choice PLACEHOLDER =
            choice("placeholder", "Multiplication", "Empty places at a row's end get", Placeholder.values());
    private static final Choice ZERO_ROWS =
            choice("zeroRows", "Multiplication", "For a 0 in the lower number", ZeroRows.values());
    private static final Choice MINUS_SIGNS =
            choice("minusSigns", "Division and roots", "Minus signs are written", YesNo.values());
    private static final Choice ZERO_PRODUCTS =
            choice("zeroProducts", "Division and roots", "Products of 0 are written", YesNo.values());
    private static final Choice REMAINDER_MARK =
            choice("remainderMark", "Division and roots", "A remainder is written", RemainderMark.values());
    private static final Choice MULTIPLES =
            choice("multiples", "Division and roots", "The divisor's multiples stand beside", YesNo.values());
    private static final Choice EXCHANGE_WORD =
            choice("exchangeWord", "Words", "Getting ten for one is called", ExchangeWord.values());
    private static final Choice TAKE_AWAY_WORD =
            choice("takeAwayWord", "Words", "The minus sign is read", TakeAwayWord.values());
    private static final Choice ONES_WORD = choice("onesWord", "Words", "The last whole place is called", OnesWord.values());
    private static final Choice CARRY_WORD = choice("carryWord", "Words", "Ten of a place", CarryWord.values());

    /** Everything that can be chosen, in the order in which a teacher meets it. */
    public static final List<Choice> CHOICES = Stream.of(
            Stream.of(CARRY_PLACE, CARRY_ORDER, STRIKE_CARRIES, PACE, JOT_TOTALS, ORDER, PAD_ZEROS, HEADS,
                    EXCHANGE_WRITING, EXPANDED, PLACEHOLDER, ZERO_ROWS, MINUS_SIGNS, ZERO_PRODUCTS, REMAINDER_MARK, MULTIPLES,
                    POINT, GROUPING, ONES_WORD, CARRY_WORD, EXCHANGE_WORD, TAKE_AWAY_WORD),
            Stream.of(Operation.values()).map(HouseStyle::methodChoice),
            Stream.of(Operation.values()).map(HouseStyle::checkChoice)).flatMap(choices -> choices).toList();

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

    public HouseStyle with(String choiceId, Option option) {
        return with(Map.of(choiceId, option.id()));
    }

    /** The numbers stay in the order given, as a check by another order needs. */
    public HouseStyle keepingOrder() {
        return with(ORDER.id(), NumberOrder.KEPT);
    }

    private static Option find(String choiceId, String optionId) {
        Choice choice = CHOICES.stream().filter(c -> c.id().equals(choiceId)).findFirst().orElseThrow(() ->
                Refusal.of("style." + choiceId, "There is no choice called “" + choiceId + "” in a house style."));
        return choice.options().stream().filter(option -> option.id().equals(optionId)).findFirst().orElseThrow(() ->
                Refusal.of("style." + choiceId, "“" + optionId + "” cannot be chosen here. Choose one of: "
                        + choice.options().stream().map(Option::id).collect(Collectors.joining(", ")) + "."));
    }

    /** The ids of all options by the ids of their choices, in the order of {@link #CHOICES}. */
    public Map<String, String> ids() {
        Map<String, String> ids = new LinkedHashMap<>();
        CHOICES.forEach(choice -> ids.put(choice.id(), options.get(choice.id()).id()));
        return ids;
    }

    private static Choice methodChoice(Operation operation) {
        return new Choice(operation.property() + "Method", "Methods", operation.title(), example(operation),
                MethodName.of(operation));
    }

    private static Choice checkChoice(Operation operation) {
        return new Choice(operation.property() + "Check", "Checks", operation.title(), example(operation),
                CheckKind.of(operation));
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

    /** The method by which this teacher works an operation. */
    public MethodName method(Operation operation) {
        return (MethodName) options.get(operation.property() + "Method");
    }

    /** How this teacher checks an operation. */
    public CheckKind check(Operation operation) {
        return (CheckKind) options.get(operation.property() + "Check");
    }

    public boolean writesTenInFront() {
        return options.get(EXCHANGE_WRITING.id()) == ExchangeWriting.IN_FRONT;
    }

    public boolean expandsExchanges() {
        return options.get(EXPANDED.id()) == YesNo.YES;
    }

    public Placeholder placeholder() {
        return (Placeholder) options.get(PLACEHOLDER.id());
    }

    public boolean writesZeroRows() {
        return options.get(ZERO_ROWS.id()) == ZeroRows.WRITTEN;
    }

    public boolean writesMinusSigns() {
        return options.get(MINUS_SIGNS.id()) == YesNo.YES;
    }

    public boolean writesZeroProducts() {
        return options.get(ZERO_PRODUCTS.id()) == YesNo.YES;
    }

    public RemainderMark remainderMark() {
        return (RemainderMark) options.get(REMAINDER_MARK.id());
    }

    public boolean listsMultiples() {
        return options.get(MULTIPLES.id()) == YesNo.YES;
    }

    public ExchangeWord exchangeWord() {
        return (ExchangeWord) options.get(EXCHANGE_WORD.id());
    }

    public TakeAwayWord takeAwayWord() {
        return (TakeAwayWord) options.get(TAKE_AWAY_WORD.id());
    }

    public CarryPlace carryPlace() {
        return (CarryPlace) options.get(CARRY_PLACE.id());
    }

    public boolean carryFirst() {
        return options.get(CARRY_ORDER.id()) == CarryOrder.FIRST;
    }

    public boolean strikesCarries() {
        return options.get(STRIKE_CARRIES.id()) == YesNo.YES;
    }

    public Pace pace() {
        return (Pace) options.get(PACE.id());
    }

    public boolean jotsTotals() {
        return options.get(JOT_TOTALS.id()) == YesNo.YES;
    }

    public NumberOrder order() {
        return (NumberOrder) options.get(ORDER.id());
    }

    public boolean padsZeros() {
        return options.get(PAD_ZEROS.id()) == YesNo.YES;
    }

    public Heads heads() {
        return (Heads) options.get(HEADS.id());
    }

    public PointSign point() {
        return (PointSign) options.get(POINT.id());
    }

    public OnesWord onesWord() {
        return (OnesWord) options.get(ONES_WORD.id());
    }

    public CarryWord carryWord() {
        return (CarryWord) options.get(CARRY_WORD.id());
    }

    /** A number as this teacher writes it on one line; grouped, where that is the style, from five digits on. */
    public String number(Numeral number) {
        String plain = number.plain();
        int end = plain.length() - number.decimals() - (number.isWhole() ? 0 : 1);
        String whole = plain.substring(0, end);
        String fraction = number.isWhole() ? "" : point().punctuation().point() + plain.substring(end + 1);
        return (whole.length() < 5 ? whole : grouped(whole)) + fraction;
    }

    private String grouped(String whole) {
        Grouping grouping = (Grouping) options.get(GROUPING.id());
        String sign = grouping.sign(point());
        StringBuilder text = new StringBuilder(whole);
        int step = grouping.twos() ? 2 : 3;
        for (int at = whole.length() - 3; at > 0; at -= step) {
            text.insert(at, sign);
        }
        return text.toString();
    }

    private static Choice choice(String id, String group, String title, Option... options) {
        return new Choice(id, group, title, EXAMPLES.getOrDefault(id, EXAMPLES.get(group)), List.of(options));
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
