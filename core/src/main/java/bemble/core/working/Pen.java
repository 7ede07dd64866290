package bemble.core.working;

import bemble.core.hand.Placed;
import bemble.core.problem.Numeral;
import bemble.core.style.HouseStyle;
import bemble.core.style.Pace;
import java.util.ArrayList;
import java.util.List;

/** Writes steps and their marks, one after the other. */
public final class Pen {
    private HouseStyle style;
    private Watch watch;
    private final List<Block> blocks = new ArrayList<>();
    private final List<Step> steps = new ArrayList<>();
    private final List<Mark> marks = new ArrayList<>();
    private final List<Integer> passing = new ArrayList<>();
    private Part part = Part.WORK;
    private Placement start = Placement.first();

    public Pen(HouseStyle style) {
        this(style, Watch.NONE);
    }

    /** @param watch tells in which marks a slip shows */
    public Pen(HouseStyle style, Watch watch) {
        this.style = style;
        this.watch = watch;
    }

    public HouseStyle style() {
        return style;
    }

    /** The part being written, with the placement of its first block; what is written from here on is not watched. */
    public void turnTo(Part next, Placement where) {
        watch = Watch.NONE;
        part = next;
        start = where;
    }

    /** From here on numbers are written in the order in which they are given. */
    public void keepOrder() {
        style = style.keepingOrder();
    }

    /** Where the next procedure's first block goes. */
    public Placement start() {
        return start;
    }

    /** A new block; its name on the sheet is made unique among the parts. */
    public Block block(String name, Placement placement) {
        String id = part == Part.WORK ? name : part.id() + "." + name;
        long others = blocks.stream().filter(block -> block.id().equals(id) || block.id().startsWith(id + "-")).count();
        Block block = new Block(others == 0 ? id : id + "-" + (others + 1), placement);
        blocks.add(block);
        return block;
    }

    /** Begins a step. What was there for a while goes. */
    public void step(StepKind kind, Block block, Integer place, Spoken spoken) {
        watch.columnBegins();
        begin(kind, block, place, spoken);
    }

    private void begin(StepKind kind, Block block, Integer place, Spoken spoken) {
        int n = steps.size() + 1;
        passing.forEach(index -> marks.set(index, marks.get(index).until(n)));
        passing.clear();
        steps.add(new Step(n, kind, part, block, place, spoken));
    }

    /** Goes on with the step begun, or begins the next where the style takes figures one by one. */
    public void figure(StepKind kind, Block block, Integer place, Spoken spoken) {
        if (style.pace() == Pace.FIGURE) {
            List<Integer> stillThere = List.copyOf(passing);
            passing.clear();
            begin(kind, block, place, spoken);
            passing.addAll(stillThere);
        } else {
            steps.set(steps.size() - 1, steps.get(steps.size() - 1).joined(spoken));
        }
    }

    /** Writes a mark as part of the step begun. */
    public void mark(MarkKind kind, Spot at, Spot to, String text, Role role, Size size, Anchor anchor) {
        boolean wrong = role.isAsked() && kind == MarkKind.DIGIT && watch.shows(role);
        marks.add(new Mark(steps.size(), null, kind, at, to, text, wrong ? Role.WRONG : role, size, anchor));
    }

    public void digit(Spot at, int digit, Role role) {
        mark(MarkKind.DIGIT, at, null, Integer.toString(digit), role, Size.FULL, Anchor.MIDDLE);
    }

    public void small(Spot at, int figure, Role role, Anchor anchor) {
        mark(MarkKind.DIGIT, at, null, Integer.toString(figure), role, Size.SMALL, anchor);
    }

    /** A whole number as one mark over the squares from the first to the last. */
    public void number(Spot first, Spot last, String text, Role role, Size size) {
        mark(MarkKind.NUMBER, first, last, text, role, size, Anchor.MIDDLE);
    }

    /** The digits of a number, each in its place. */
    public void digits(Block block, String line, Placed number, Role role) {
        for (int place = number.highest(); place >= number.lowest(); place--) {
            digit(block.at(line, place), number.digit(place), role);
        }
    }

    /** Writes what is in front of a last digit, its own last digit in {@code place}; nothing for 0. */
    public void inFront(Block block, String line, int place, int figures) {
        if (figures > 0) {
            digits(block, line, new Placed(Numeral.of(Integer.toString(figures)), place), Role.WRITTEN);
        }
    }

    public void sign(Spot at, String sign) {
        mark(MarkKind.SIGN, at, null, sign, Role.FRAME, Size.FULL, Anchor.MIDDLE);
    }

    /** The point after the ones of that line. */
    public void point(Block block, String line, Role role) {
        mark(MarkKind.POINT, block.at(line, 0), null, style.point().punctuation().point() + "", role, Size.FULL,
                Anchor.AFTER);
    }

    /** A rule along the upper edge of the line, over the squares from one place to the other. */
    public void rule(Block block, String line, int fromPlace, int toPlace) {
        mark(MarkKind.RULE, block.at(line, fromPlace), block.at(line, toPlace), "", Role.FRAME, Size.FULL,
                Anchor.HIGH);
    }

    /** A stroke through what stands at that spot's anchor. */
    public void strike(Spot at, Role role, Size size, Anchor anchor) {
        mark(MarkKind.STRIKE, at, null, "", role, size, anchor);
    }

    /** A line under the digit in a square, until the next step. */
    public void underline(Spot at) {
        mark(MarkKind.UNDERLINE, at, null, "", Role.FRAME, Size.FULL, Anchor.LOW);
        forAWhile();
    }

    /** The mark just written goes when the next step begins. */
    public void forAWhile() {
        passing.add(marks.size() - 1);
    }

    /** All that has been written. */
    public Working working() {
        return new Working(List.copyOf(blocks), List.copyOf(steps), List.copyOf(marks));
    }

    /** What a line of a block reads so far; see {@link Working#read}. */
    public String read(Block block, String line) {
        return working().read(block, line);
    }

    /** How many figures a hand has written so far, those of the problem not counted. */
    public int figures() {
        return marks.stream().filter(mark -> mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER)
                .filter(mark -> mark.role().isAsked()).mapToInt(mark -> mark.text().length()).sum();
    }

    /** The block that the working began with. */
    public Block firstBlock() {
        return blocks.get(0);
    }

    /** The block of the step written last. */
    public Block lastBlock() {
        return steps.get(steps.size() - 1).block();
    }
}
