package bemble.core.marking;

import bemble.core.entry.RightAnswer;
import bemble.core.hand.Answer;
import bemble.core.hand.Written;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.WrittenPaper;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.working.Anchor;
import bemble.core.working.BlockName;
import bemble.core.working.Figure;
import bemble.core.working.MarkKind;
import bemble.core.working.Spot;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** The answer that stands on a paper, read off its own squares alone, whatever led to it. */
final class AnswerOnPaper {

    private final Problem problem;
    private final Answer right;
    private final Spot where;
    private final TreeMap<Integer, String> there = new TreeMap<>();
    private final TreeMap<Integer, String> beside = new TreeMap<>();
    private final TreeMap<Integer, String> belongs = new TreeMap<>();
    private final TreeMap<Integer, String> belongsBeside = new TreeMap<>();
    /** What stands in the answer's line and is none of it. */
    private final Set<Figure.Key> given = new HashSet<>();
    private boolean unclear;

    /** @param careful what a careful hand writes */
    AnswerOnPaper(Written careful, WrittenPaper paper) {
        this.problem = careful.problem();
        this.right = careful.answer();
        this.where = Objects.requireNonNull(careful.answerStands());
        careful.ink().stream().filter(figure -> figure.kind() == MarkKind.DIGIT || figure.kind() == MarkKind.NUMBER)
                .forEach(this::belongs);
        paper.figures().forEach((key, figure) -> {
            put(key, figure.text(), there, beside);
            if (isBehind(key)) {
                there.merge(key.place(), figure.text(), String::concat);
            }
            unclear |= figure.isUnclear() && isOf(key);
        });
    }

    private void belongs(Figure figure) {
        if (figure.isFull()) {
            put(figure.key(), figure.text(), belongs, belongsBeside);
        } else {
            given.add(figure.key());
        }
    }

    private void put(Figure.Key key, String text, TreeMap<Integer, String> answer, TreeMap<Integer, String> remainder) {
        String digits = text.replaceAll("[^0-9?]", "");
        if (isIn(key) && !digits.isEmpty()) {
            answer.put(key.place(), digits);
        } else if (isBeside(key) && !digits.isEmpty()) {
            remainder.put(key.place(), digits);
        }
    }

    private boolean isIn(Figure.Key key) {
        return !key.stroke() && key.anchor() == Anchor.MIDDLE && key.block().equals(where.block().name())
                && key.line().equals(where.line())
                && !given.contains(key);
    }

    /** Whether a figure is squeezed in behind a digit of the answer. */
    private boolean isBehind(Figure.Key key) {
        return !key.stroke() && key.anchor() == Anchor.AFTER && key.block().equals(where.block().name())
                && key.line().equals(where.line());
    }

    private static boolean isBeside(Figure.Key key) {
        return !key.stroke() && key.anchor() == Anchor.MIDDLE && key.block().isFirst(BlockName.Kind.REMAINDER);
    }

    /** Whether a figure belongs to the answer. */
    boolean isOf(Figure.Key key) {
        return isIn(key) || isBeside(key);
    }

    /** Whether a figure belongs to the answer, or to the decimals with which a division goes on until nothing is left. */
    boolean leads(Figure.Key key) {
        return isOf(key) || isExact() && key.place() < 0;
    }

    /** Whether any figure of it stands there, what is left over not counted. */
    boolean isBegun() {
        return !there.isEmpty();
    }

    /** Whether nothing stands there. */
    boolean isEmpty() {
        return there.isEmpty() && beside.isEmpty();
    }

    /** The figures in the answer's line from the left, with the point where it belongs, and what is left over after them. */
    String text(Punctuation punctuation) {
        String decimals = digits(there.headMap(0, false));
        return digits(there.tailMap(0, true)) + (decimals.isEmpty() ? "" : punctuation.point() + decimals)
                + (beside.isEmpty() ? "" : " r " + digits(beside));
    }

    private static String digits(NavigableMap<Integer, String> figures) {
        return figures.descendingMap().values().stream().collect(Collectors.joining());
    }

    /** Right or wrong where it stands; unfinished where figures of it are not there and those that are agree. */
    PaperVerdict verdict() {
        TreeMap<Integer, String> stands = withoutZerosOutside();
        if (stands.equals(belongs) && isRemainder() || isRounded(stands) || isExact()) {
            return PaperVerdict.RIGHT;
        }
        boolean agrees = agree(stands, belongs) && (agree(beside, belongsBeside) || isRemainder());
        return agrees ? PaperVerdict.UNFINISHED : PaperVerdict.WRONG;
    }

    /** Whether it is right with other figures than a careful hand writes. */
    boolean isOtherwiseRight() {
        return isRounded(withoutZerosOutside()) || isExact() && belongsBeside.size() > 0;
    }

    private static boolean agree(TreeMap<Integer, String> stands, TreeMap<Integer, String> belongs) {
        return stands.entrySet().stream().allMatch(each -> each.getValue().equals(PaperFigure.UNCLEAR)
                || each.getValue().equals(belongs.get(each.getKey())));
    }

    /** What stands there without zeros in front and last behind the point, and with those at the end that need not be written. */
    private TreeMap<Integer, String> withoutZerosOutside() {
        TreeMap<Integer, String> stands = new TreeMap<>(there);
        while (stands.size() > 1 && stands.lastKey() > belongs.lastKey() && stands.lastEntry().getValue().equals("0")) {
            stands.pollLastEntry();
        }
        while (stands.size() > 1 && stands.firstKey() < Math.min(0, belongs.firstKey())
                && stands.firstEntry().getValue().equals("0")) {
            stands.pollFirstEntry();
        }
        if (problem.operation() == Operation.ADDITION || problem.operation() == Operation.SUBTRACTION) {
            for (Map.Entry<Integer, String> figure : belongs.entrySet()) {
                if (figure.getKey() >= 0 || !figure.getValue().equals("0") || stands.containsKey(figure.getKey())
                        || stands.isEmpty()) {
                    break;
                }
                stands.put(figure.getKey(), "0");
            }
        }
        if (unclear) {
            stands.replaceAll(
                    (place, text) -> text.equals(PaperFigure.UNCLEAR) ? belongs.getOrDefault(place, text) : text);
        }
        return stands;
    }

    private boolean isRemainder() {
        String rest = digits(beside).replaceFirst("^0+(?=.)", "");
        return rest.equals(digits(belongsBeside)) || belongsBeside.isEmpty() && rest.equals("0");
    }

    /** A root that is rounded is as right as one that is cut off. */
    private boolean isRounded(TreeMap<Integer, String> stands) {
        return right.rounded() != null && List.copyOf(stands.keySet()).equals(List.copyOf(belongs.keySet()))
                && digits(stands).equals(right.rounded().replace(".", ""));
    }

    /** A quotient that goes on behind the point until nothing is left. */
    private boolean isExact() {
        boolean beyond = problem.operation() == Operation.DIVISION && !there.isEmpty() && there.firstKey() < 0
                && beside.isEmpty();
        if (!beyond || there.lastKey() - there.firstKey() + 1 != there.size() || there.lastKey() < 0
                || there.firstEntry().getValue().equals("0")
                || there.values().stream().anyMatch(text -> !text.matches("[0-9]"))) {
            return false;
        }
        return RightAnswer.isExact(problem, new BigDecimal(digits(there)).movePointLeft(-there.firstKey()));
    }
}
