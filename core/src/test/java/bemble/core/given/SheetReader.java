package bemble.core.given;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.order.Worked;
import bemble.core.problem.Numeral;
import bemble.core.sheet.SheetMark;
import bemble.core.style.MethodName;
import bemble.core.working.Mark;
import bemble.core.working.Step;
import bemble.core.working.Working;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Looks at a laid-out sheet as a reader would: by squares and by time. */
public final class SheetReader {
    private static final Set<String> FIGURES = Set.of("digit", "number", "point", "sign", "head", "label");

    private final Worked worked;

    public SheetReader(Worked worked) {
        this.worked = worked;
    }

    public List<SheetMark> visibleAt(int step) {
        return worked.sheet().marks().stream()
                .filter(mark -> mark.step() <= step && (mark.until() == null || mark.until() > step)).toList();
    }

    /** Reads full-size figures of one line, once all is written, by their squares from left to right. */
    public String read(String block, String line) {
        return visibleAt(worked.working().steps().size()).stream()
                .filter(mark -> mark.block().id().equals(block) && mark.line().id().equals(line)
                        && mark.size().id().equals("full"))
                .filter(mark -> mark.kind().id().equals("digit") || mark.kind().id().equals("point"))
                .sorted(Comparator.comparingInt(SheetMark::column)
                        .thenComparing(mark -> mark.kind().id().equals("point")))
                .map(mark -> mark.kind().id().equals("point") ? "." : mark.text()).collect(Collectors.joining());
    }

    /** The result where a reader finds it on a paper worked in that way. */
    public String result(MethodName method) {
        String read = switch (method) {
            case COLUMN, DECOMPOSITION, EQUAL_ADDITIONS -> read("sum", "answer");
            case RUNNING -> read(lastBlock("sum"), "answer");
            case PARTIAL_SUMS -> read(lastBlock("parts"), has(lastBlock("parts"), "answer") ? "answer" : "addend-1");
            case COUNTING_UP -> read("jumps", has("jumps", "answer") ? "answer" : "addend-1");
            case LONG_MULTIPLICATION, CROSSWISE, MATCHING_COLUMNS -> read("product", "answer");
            case AREA -> has("rows", "answer") ? read("rows", "answer") : lastNumber("box");
            case LONG_DIVISION, SHORT_DIVISION -> read("quotient", "quotient");
            case PARTIAL_QUOTIENTS -> read("chunks", has("chunks", "answer") ? "answer" : "product-1");
            case DOUBLED_ROOT, RUNNING_DIVISOR -> read("root", "root");
        };
        return Numeral.of(read).plain();
    }

    private String lastBlock(String name) {
        return worked.sheet().marks().stream().map(mark -> mark.block().id()).filter(block -> block.startsWith(name))
                .reduce((first, second) -> second).orElseThrow();
    }

    private boolean has(String block, String line) {
        return worked.sheet().marks().stream()
                .anyMatch(mark -> mark.block().id().equals(block) && mark.line().id().equals(line));
    }

    private String lastNumber(String block) {
        return worked.sheet().marks().stream()
                .filter(mark -> mark.block().id().equals(block) && mark.kind().id().equals("number"))
                .reduce((first, second) -> second).orElseThrow().text().replaceAll("[^0-9]", "");
    }

    /** Every mark is inside the sheet, and no two figures of one moment share a part of a square. */
    public void assertNothingOverlaps() {
        int steps = worked.working().steps().size();
        for (SheetMark mark : worked.sheet().marks()) {
            assertThat(mark.row()).isBetween(0, worked.sheet().rows() - 1);
            assertThat(mark.column()).isBetween(0, worked.sheet().columns() - 1);
            assertThat(mark.step()).isBetween(1, steps);
        }
        Map<String, SheetMark> taken = new HashMap<>();
        for (SheetMark mark : worked.sheet().marks()) {
            if (FIGURES.contains(mark.kind().id())) {
                String spot = mark.row() + "/" + mark.column() + "/" + mark.anchor();
                SheetMark other = taken.put(spot, mark);
                boolean together = other != null && (other.until() == null || other.until() > mark.step());
                assertThat(together).as("%s and %s in one spot", other, mark).isFalse();
            }
        }
    }

    /** What a step asks for is what it writes. */
    public void assertExpectsWhatIsWritten() {
        Working working = worked.working();
        Map<Integer, List<Mark>> marks = working.marks().stream().collect(Collectors.groupingBy(Mark::step));
        for (Step step : working.steps()) {
            marks.getOrDefault(step.n(), List.of()).forEach(mark -> assertThat(mark.isAsked()).isEqualTo(
                    Set.of("written", "carry", "exchange", "jot").contains(mark.role().id())
                            && Set.of("digit", "number").contains(mark.kind().id())));
            assertThat(step.spoken().say()).isNotBlank().doesNotContain("null");
        }
    }
}
