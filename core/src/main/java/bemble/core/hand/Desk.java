package bemble.core.hand;

import bemble.core.style.HouseStyle;
import bemble.core.style.carry.CarryPlace;
import bemble.core.style.word.Pace;
import bemble.core.words.Words;
import bemble.core.working.Anchor;
import bemble.core.working.Block;
import bemble.core.working.BlockName;
import bemble.core.working.Figure;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Placement;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spot;
import bemble.core.working.StepKind;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where a problem is written: asks the hand, and is the only one to record what it decides. What is drawn round the
 * figures, whoever writes them, is put down here too.
 */
public final class Desk {
    private final boolean draws;
    private final Words words;
    private HouseStyle style;
    private Hand hand;
    private Hand checker = Hand.CAREFUL;
    private final List<Entry> entries = new ArrayList<>();
    private final List<Utterance> utterances = new ArrayList<>();
    private final List<Block> blocks = new ArrayList<>();
    private Part part = Part.WORK;
    private Placement start = Placement.first();
    private @Nullable Spot answer;
    private int endOfWork = -1;

    /**
     * One thing said and done.
     *
     * @param begins whether a step begins with it, in every pace
     * @param style in which it was written
     * @param from the first of its entries
     */
    record Utterance(StepKind kind, Part part, Block block, @Nullable Integer place, Talk talk, boolean begins,
            HouseStyle style,
            int from) {}

    /** @param draws whether signs, rules and the like are wanted as well as decisions */
    public Desk(HouseStyle style, Hand hand, boolean draws) {
        this.style = style;
        this.hand = hand;
        this.draws = draws;
        this.words = new Words(style);
    }

    public HouseStyle style() {
        return style;
    }

    public Words words() {
        return words;
    }

    List<Entry> entries() {
        return entries;
    }

    List<Utterance> utterances() {
        return utterances;
    }

    List<Block> blocks() {
        return blocks;
    }

    @Nullable
    Spot answer() {
        return answer;
    }

    /** How many entries belong to the work, before its check. */
    int endOfWork() {
        return endOfWork < 0 ? entries.size() : endOfWork;
    }

    /** How many entries there are so far; marks a stretch for {@link #decisions}. */
    public int mark() {
        return entries.size();
    }

    /** The decisions made from one mark to another. */
    public List<Decision<?>> decisions(int from, int to) {
        List<Decision<?>> decisions = new ArrayList<>();
        for (Entry entry : entries.subList(from, to)) {
            if (entry instanceof Decision<?> decision) {
                decisions.add(decision);
            }
        }
        return decisions;
    }

    /** Asks the hand, and records what it decides. */
    public <A> A ask(Question<A> question) {
        return decide(question).decided();
    }

    /** Asks the hand; the decision tells also whether it was written. */
    public <A> Decision<A> decide(Question<A> question) {
        A decided = hand.decide(question);
        Decision<A> decision = new Decision<>(question, decided, hand.writes(question, decided));
        entries.add(decision);
        return decision;
    }

    /** Begins a step. What was there for a while goes. */
    public void step(StepKind kind, Block block, @Nullable Integer place, Talk talk) {
        utterances.add(new Utterance(kind, part, block, place, talk, true, style, entries.size()));
    }

    /** Goes on with the step begun, or begins the next where the style takes figures one by one. */
    public void figure(StepKind kind, Block block, @Nullable Integer place, Talk talk) {
        utterances.add(new Utterance(kind, part, block, place, talk, false, style, entries.size()));
    }

    /** The same for what was decided last: where that turns out to be something to speak of. */
    public void figureOfLast(StepKind kind, Block block, @Nullable Integer place, Talk talk) {
        utterances.add(new Utterance(kind, part, block, place, talk, false, style, entries.size() - 1));
    }

    boolean takesFiguresOneByOne() {
        return style.pace() == Pace.FIGURE;
    }

    /** A new block, by what is in it. */
    public Block block(BlockName.Kind kind, Placement placement) {
        int number = 1;
        for (Block block : blocks) {
            number += block.name().part() == part && block.name().is(kind) ? 1 : 0;
        }
        Block block = new Block(BlockName.of(part, kind, number), placement,
                kind.mayStandApart() ? style.squaresOfColumn() : 1);
        blocks.add(block);
        return block;
    }

    /** Where the next procedure's first block goes. */
    public Placement start() {
        return start;
    }

    /** The block that the working began with. */
    public Block firstBlock() {
        return blocks.get(0);
    }

    /** The block of the step begun last. */
    public Block lastBlock() {
        return utterances.get(utterances.size() - 1).block();
    }

    /** The line in which the answer of the work is read. */
    public void answerStandsIn(Block block, Line line) {
        if (part == Part.WORK) {
            answer = block.at(line, 0);
        }
    }

    /** Who writes the check, where that is not a careful hand. */
    public void checkIsWrittenBy(Hand other) {
        checker = other;
    }

    /** From here on the check is written, by a careful hand unless another one was named. */
    public void turnToCheck(Placement where) {
        if (part == Part.WORK) {
            endOfWork = entries.size();
        }
        part = Part.CHECK;
        hand = checker;
        start = where;
    }

    /** From here on it is written in another style. */
    public void writeIn(HouseStyle other) {
        style = other;
    }

    /** Whether anybody wants what is drawn; where not, a method may leave it out. */
    public boolean draws() {
        return draws;
    }

    /** Whether this house style writes its carries there. */
    public boolean carriesStand(CarryPlace where) {
        return style.carryPlace() == where;
    }

    /** Puts what nobody decides on the paper: rules, brackets, boxes, arcs. */
    public void draw(MarkKind kind, Spot at, @Nullable Spot to, String text, Role role, Size size, Anchor anchor) {
        draw(kind, at, to, text, role, size, anchor, false);
    }

    /** Something that is there only until the next step. */
    public void drawForAWhile(MarkKind kind, Spot at, @Nullable Spot to, String text, Role role, Size size,
            Anchor anchor) {
        draw(kind, at, to, text, role, size, anchor, true);
    }

    private void draw(MarkKind kind, Spot at, @Nullable Spot to, String text, Role role, Size size, Anchor anchor,
            boolean passing) {
        if (draws) {
            entries.add(new Entry.Drawn(new Figure(kind, at, to, text, role, size, anchor, passing)));
        }
    }

    /** Writes the sign of the operation. */
    public void sign(Spot at, String sign) {
        draw(MarkKind.SIGN, at, null, sign, Role.FRAME, Size.FULL, Anchor.MIDDLE);
    }

    /** The point after the ones of that line. */
    public void point(Block block, Line line, Role role) {
        draw(MarkKind.POINT, block.at(line, 0), null, String.valueOf(style.point().punctuation().point()), role,
                Size.FULL,
                Anchor.AFTER);
    }

    /** A rule along the upper edge of the line, over the squares from one place to the other. */
    public void rule(Block block, Line line, int fromPlace, int toPlace) {
        draw(MarkKind.RULE, block.at(line, fromPlace), block.at(line, toPlace), "", Role.FRAME, Size.FULL, Anchor.HIGH);
    }

    /** A line under the digit in a square, until the next step. */
    public void underline(Spot at) {
        drawForAWhile(MarkKind.UNDERLINE, at, null, "", Role.FRAME, Size.FULL, Anchor.LOW);
    }
}
