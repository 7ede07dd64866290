package bemble.core.marking;

import bemble.core.marking.paper.KnownSquares;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.PaperToMark;
import bemble.core.marking.paper.Read;
import bemble.core.method.Methods;
import bemble.core.multiplication.product.ProductPaper;
import bemble.core.problem.Numeral;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.core.style.MethodName;
import bemble.core.style.division.RootDivisors;
import bemble.core.style.option.ExchangeWriting;
import bemble.core.style.option.LastColumns;
import bemble.core.style.option.PartSums;
import bemble.core.style.option.Placeholder;
import bemble.core.style.option.YesNo;
import bemble.core.style.option.ZeroRows;
import bemble.core.working.BlockName;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** The legitimate ways in which a paper may have been written; the way of the house comes first. */
final class Ways {
    private static final Set<MethodName> BY_DIGITS = Set.of(MethodName.LONG_DIVISION, MethodName.SHORT_DIVISION);

    private final Way house;
    private final boolean settingOut;
    private final List<Way> ways = new ArrayList<>();

    private Ways(Way house, boolean settingOut) {
        this.house = house;
        this.settingOut = settingOut;
    }

    /** The ways worth reading a paper in, of which only the house's own is tried where nothing stands there. */
    static List<Way> of(Way house, PaperToMark paper) {
        Ways ways = new Ways(house, paper.settingOut());
        ways.ways.add(ways.house);
        if (!paper.written().isEmpty()) {
            ways.ofMethod(ways.house);
            ways.turned();
            ways.otherMethods();
        }
        return ways.ways.stream().distinct().toList();
    }

    private void ofMethod(Way base) {
        switch (base.method().name()) {
            case LONG_MULTIPLICATION -> {
                product(base);
                add(base.reading(PartProducts.read(base)));
            }
            case DECOMPOSITION -> {
                Way written = base.style().exchangesInTheHead()
                        ? base.in(base.style().with("exchangeWriting", ExchangeWriting.IN_FRONT)) : base;
                add(written.reading(new ExchangeHeights(written).read()));
                columnByColumn(base);
            }
            case EQUAL_ADDITIONS -> columnByColumn(base);
            case PARTIAL_SUMS -> {
                add(base.reading(new RowLines(base, BlockName.Kind.PARTS).read()));
                Arrays.stream(PartSums.values()).filter(each -> each != base.style().partSums())
                        .forEach(each -> add(base.in(base.style().with("partSums", each))));
            }
            case LONG_DIVISION -> zerosOfADivision(base);
            case DOUBLED_ROOT, RUNNING_DIVISOR -> {
                zerosOfADivision(base);
                add(base.in(base.style().with("rootDivisors",
                        base.style().leavesRootDivisorsBare() ? RootDivisors.WITH_SIGNS : RootDivisors.BARE)));
            }
            default -> {}
        }
    }

    private void zerosOfADivision(Way base) {
        add(base.in(base.style().with("zeroProducts", other(base.style().writesZeroProducts()))));
        add(base.in(base.style().with("zeroDifferences", other(base.style().writesZeroDifferences()))));
    }

    private static YesNo other(boolean yes) {
        return yes ? YesNo.NO : YesNo.YES;
    }

    /** The front exchanged after all, where the house takes the last two columns together. */
    private void columnByColumn(Way base) {
        if (base.style().takesLastTogether()) {
            add(base.in(base.style().with("lastColumns", LastColumns.APART)));
        }
    }

    private void add(Way way) {
        ways.add(way);
    }

    /** Rows in any order and on any line, a row of zeros written or not, placeholders written or not. */
    private void product(Way base) {
        boolean zeros = base.problem().operands().stream().anyMatch(number -> number.digits().contains("0"));
        List<HouseStyle> styles = new ArrayList<>(List.of(base.style()));
        if (zeros) {
            styles.add(
                    base.style().with("zeroRows", base.style().writesZeroRows() ? ZeroRows.SKIPPED : ZeroRows.WRITTEN));
        }
        for (HouseStyle style : List.copyOf(styles)) {
            styles.add(style.with("placeholder",
                    style.placeholder() == Placeholder.ZERO ? Placeholder.BLANK : Placeholder.ZERO));
        }
        for (HouseStyle style : styles) {
            Way way = base.in(style);
            add(way.reading(new RowLines(way, BlockName.Kind.PRODUCT).read()));
        }
    }

    /** Factors or addends in another order: told by the numbers where they were set out, else by the rows. */
    private void turned() {
        Operation operation = house.problem().operation();
        if (operation == Operation.MULTIPLICATION) {
            List<Numeral> numbers = house.problem().operands();
            List<Numeral> other = List.of(numbers.get(1), numbers.get(0));
            if (settingOut && !numbers.equals(other)) {
                Numeral top = numbers().get(ProductPaper.TOP);
                if (top != null && numbers.contains(top)) {
                    ofMethod(inOrder(top.equals(numbers.get(0)) ? numbers : other));
                }
                if (house.method().name() == MethodName.AREA) {
                    add(inOrder(other));
                }
            } else {
                ofMethod(inOrder(numbers));
                ofMethod(inOrder(other));
            }
        } else if (operation == Operation.ADDITION && settingOut) {
            List<Numeral> there = givenAddends();
            if (there.size() == house.problem().operands().size()
                    && sorted(there).equals(sorted(house.problem().operands()))) {
                add(inOrder(there));
            }
        }
    }

    private Way inOrder(List<Numeral> numbers) {
        Problem other = house.problem() instanceof Problem.Addition ? new Problem.Addition(numbers)
                : new Problem.Multiplication(numbers.get(0), numbers.get(1));
        return house.by(other, house.method(), house.style().keepingOrder());
    }

    private static List<String> sorted(List<Numeral> numbers) {
        return numbers.stream().map(Numeral::plain).sorted().toList();
    }

    private List<Numeral> givenAddends() {
        Map<Line, Numeral> numbers = numbers();
        List<Numeral> addends = new ArrayList<>();
        for (int i = 1; numbers.containsKey(Line.addend(i)); i++) {
            addends.add(numbers.get(Line.addend(i)));
        }
        return addends;
    }

    /** The numbers that stand in the first block, by their lines. */
    private Map<Line, Numeral> numbers() {
        Map<Line, TreeMap<Integer, String>> lines = new LinkedHashMap<>();
        BlockName block = house.read().get(0).stands().block();
        for (Read each : house.read()) {
            PaperFigure figure = each.stands();
            boolean digit = figure.kind() == MarkKind.DIGIT && figure.text().matches("[0-9]")
                    && figure.isInMiddle();
            if (digit && figure.block().equals(block)) {
                lines.computeIfAbsent(figure.line(), line -> new TreeMap<>()).putIfAbsent(figure.place(),
                        figure.text());
            }
        }
        Map<Line, Numeral> numbers = new LinkedHashMap<>();
        lines.forEach((line, digits) -> {
            int lowest = Math.min(0, digits.firstKey());
            if (digits.lastKey() - lowest + 1 == digits.size()) {
                numbers.put(line, Numeral
                        .ofDigits(digits.descendingMap().values().stream().collect(Collectors.joining()), -lowest));
            }
        });
        return numbers;
    }

    /** Another method of the same operation, where the paper has figures that the house's own has no use for. */
    private void otherMethods() {
        if (!hasStrays(house)) {
            return;
        }
        for (MethodName name : MethodName.of(house.problem().operation())) {
            Way way = house.by(house.problem(), Methods.of(name), house.style());
            boolean near = BY_DIGITS.contains(name) && BY_DIGITS.contains(house.method().name());
            if (name != house.method().name() && (near || !hasStrays(way))) {
                add(way);
                ofMethod(way);
            }
        }
    }

    private static boolean hasStrays(Way way) {
        KnownSquares squares = new KnownSquares();
        squares.add(View.careful(way).decisions());
        return way.read().stream().map(Read::as)
                .anyMatch(figure -> figure.block().part() == Part.WORK && !squares.know(figure));
    }
}
