package bemble.core.style;

import bemble.core.problem.Numeral;
import bemble.core.problem.Refusal;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** How one teacher writes and speaks: an {@link Option} for every {@link Choice}. Immutable. */
public final class HouseStyle {
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
    private static final Choice ONES_WORD = choice("onesWord", "Words", "The last whole place is called", OnesWord.values());
    private static final Choice CARRY_WORD = choice("carryWord", "Words", "Ten of a place", CarryWord.values());

    /** Everything that can be chosen, in the order in which a teacher meets it. */
    public static final List<Choice> CHOICES = List.of(CARRY_PLACE, CARRY_ORDER, STRIKE_CARRIES, PACE, JOT_TOTALS,
            ORDER, PAD_ZEROS, HEADS, POINT, GROUPING, ONES_WORD, CARRY_WORD);

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
        return new Choice(id, group, title, List.of(options));
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
