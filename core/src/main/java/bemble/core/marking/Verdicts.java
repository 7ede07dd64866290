package bemble.core.marking;

import bemble.core.check.Check;
import bemble.core.hand.Decision;
import bemble.core.hand.Written;
import bemble.core.marking.paper.PaperFigure;
import bemble.core.marking.paper.PaperToMark;
import bemble.core.marking.paper.WrittenPaper;
import bemble.core.problem.Operation;
import bemble.core.stack.LineUp;
import bemble.core.working.Anchor;
import bemble.core.working.Figure;
import bemble.core.working.LineOfBlock;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spoken;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * What is said of each figure, from the reading of a paper that fits most nearly. Long, for each verdict rests on what the others
 * leave over: told apart in several places, one figure could get two.
 */
final class Verdicts {

    private final Written read;
    private final Working working;
    private final WrittenPaper paper;
    private final AnswerOnPaper answer;
    private final NumberLines lines;
    /** The squares of the numbers that are given: where they are printed nobody misses them. */
    private final Set<Figure.Key> printed;
    private final PaperToMark order;
    private final Written careful;
    private final @Nullable Check check;
    /** What belongs where a rule was broken in the check. */
    private final Map<Figure.Key, String> wrongInCheck;
    private final List<MarkedFigure> figures = new ArrayList<>();

    Verdicts(Written read, @Nullable Check check, View view, PaperToMark order) {
        this.read = read;
        this.working = read.working();
        this.paper = view.written();
        this.answer = view.answer();
        this.order = order;
        this.careful = view.careful();
        this.lines = new NumberLines(read);
        this.printed = careful.decisions().stream().filter(decision -> decision.asked() instanceof LineUp)
                .flatMap(decision -> decision.ink().stream())
                .filter(figure -> figure.role() == Role.GIVEN).map(Figure::key).collect(Collectors.toSet());
        this.check = check;
        this.wrongInCheck = wrongIn(read.decisionsOfCheck());
    }

    private static Map<Figure.Key, String> wrongIn(List<Decision<?>> decisions) {
        Map<Figure.Key, String> wrong = new HashMap<>();
        for (Decision<?> decision : decisions) {
            if (decision.isBroken()) {
                decision.ink().forEach(figure -> wrong.put(figure.key(), ""));
                decision.carefulInk().forEach(figure -> wrong.put(figure.key(), figure.text()));
            }
        }
        return wrong;
    }

    Marked marked(Marked.Causes causes) {
        Map<Figure.Key, Mark> last = lastMarks();
        for (Mark mark : working.marks()) {
            if (last.get(mark.key()) == mark && mark.step() > working.lastOfWork()) {
                judgeCheck(mark);
            } else if (last.get(mark.key()) == mark) {
                judge(mark);
            } else if (mark.role() == Role.MISSING && (order.settingOut() || !printed.contains(mark.key()))) {
                // Something else came to stand there later; what is printed is not missed.
                absent(mark);
            }
        }
        for (Map.Entry<Figure.Key, PaperFigure> each : paper.figures().entrySet()) {
            if (!last.containsKey(each.getKey())) {
                figures.add(stray(each.getKey(), each.getValue()));
            }
        }
        PaperVerdict ofAnswer = answer.verdict();
        if (ofAnswer == PaperVerdict.RIGHT) {
            figures.replaceAll(Verdicts::leftOut);
        }
        raiseFirst(ofAnswer);
        boolean wrong = figures.stream().anyMatch(figure -> figure.verdict() == Verdict.WRONG);
        boolean missing = figures.stream().anyMatch(figure -> figure.verdict() == Verdict.MISSING);
        Marked.@Nullable FirstWrong first = wrong ? first() : null;
        PaperVerdict verdict = wrong ? PaperVerdict.WRONG : missing ? PaperVerdict.UNFINISHED : PaperVerdict.RIGHT;
        return new Marked(verdict, whereTheyStand(), new Marked.MarkedAnswer(text(ofAnswer, last), ofAnswer), first,
                order.check() == null || !read.isFinished() ? null : check(), notShown(), marks(ofAnswer), causes);
    }

    /** An answer that is right though not as a careful hand writes it, and nothing that contradicts it. */
    Marked markedRight() {
        Marked led = marked(Marked.Causes.NONE);
        List<MarkedFigure> all =
                new ArrayList<>(led.figures().stream().filter(figure -> !answer.isOf(figure.at())).toList());
        order.written().stream()
                .map(figure -> new MarkedFigure(new Figure.Key(figure.block(), figure.line(), figure.place(),
                        figure.anchor() == null ? Anchor.MIDDLE : figure.anchor(), figure.isStroke()), figure.kind(),
                        figure.text(), Verdict.RIGHT,
                        null))
                .filter(figure -> answer.leads(figure.at())).forEach(all::add);
        return new Marked(PaperVerdict.RIGHT, all, new Marked.MarkedAnswer(written(), PaperVerdict.RIGHT), null,
                led.check(),
                led.notShown(), led.marks(), Marked.Causes.NONE);
    }

    private @Nullable MethodMarksGiven marks(PaperVerdict ofAnswer) {
        return !read.style().givesMethodMarks() ? null
                : MethodMarksGiven.of(read, figures, answer::isOf, ofAnswer, order.settingOut());
    }

    /** Where the answer stands, what led to it may have been done in the head. */
    private static MarkedFigure leftOut(MarkedFigure figure) {
        return figure.verdict() != Verdict.MISSING || figure.at().block().part() == Part.CHECK ? figure
                : figure.withVerdict(Verdict.UNWRITTEN);
    }

    private List<MarkedFigure> whereTheyStand() {
        return figures.stream()
                .map(figure -> figure.text().isEmpty() ? figure : figure.withAt(paper.origin(figure.at()))).toList();
    }

    /** The lines of the working of which nothing stands though the answer does. */
    private List<LineOfBlock> notShown() {
        if (answer.isEmpty()) {
            return List.of();
        }
        return careful.ink().stream().filter(Figure::isFull).map(Figure::key)
                .filter(key -> !answer.isOf(key) && !paper.hasLineOf(key))
                .map(Figure.Key::lineOfBlock)
                .distinct().toList();
    }

    private void judgeCheck(Mark mark) {
        PaperFigure there = paper.at(mark.key());
        String should = wrongInCheck.get(mark.key());
        if (there == null) {
            boolean full = mark.size() == Size.FULL && mark.kind() != MarkKind.STRIKE && mark.kind() != MarkKind.POINT;
            if (mark.kind() != MarkKind.POINT && mark.role() != Role.MISSING) {
                put(mark, "", full ? Verdict.MISSING : Verdict.UNWRITTEN, mark.text());
            }
        } else if (there.isUnclear()) {
            put(mark, there.text(), Verdict.UNCLEAR, null);
        } else if (should != null && !should.equals(there.text())) {
            put(mark, there.text(), Verdict.WRONG, should);
        } else {
            boolean same = mark.kind() == MarkKind.STRIKE || there.says(mark.text());
            put(mark, there.text(), same ? Verdict.RIGHT : Verdict.WRONG, same ? null : mark.text());
        }
    }

    private Marked.MarkedCheck check() {
        List<MarkedFigure> its = figures.stream().filter(figure -> figure.at().block().part() == Part.CHECK).toList();
        boolean wrong = its.stream().anyMatch(figure -> figure.verdict() == Verdict.WRONG);
        boolean missing = its.stream().anyMatch(figure -> figure.verdict() == Verdict.MISSING);
        // A check that somebody got stuck in has no numbers to compare.
        return new Marked.MarkedCheck(check == null ? "" : check.statement(), check != null && check.holds(),
                wrong ? PaperVerdict.WRONG : missing ? PaperVerdict.UNFINISHED : PaperVerdict.RIGHT);
    }

    /** What stands in each part of a square in the end. */
    private Map<Figure.Key, Mark> lastMarks() {
        Map<Figure.Key, Mark> last = new LinkedHashMap<>();
        for (Mark mark : working.marks()) {
            if (mark.until() == null && isFigure(mark)) {
                last.put(mark.key(), mark);
            }
        }
        return last;
    }

    private boolean isFigure(Mark mark) {
        boolean given = mark.role() == Role.GIVEN || mark.role() == Role.PADDING || printed.contains(mark.key());
        boolean figure =
                mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER || mark.kind() == MarkKind.STRIKE
                        || mark.kind() == MarkKind.POINT;
        boolean checking = mark.at().block().name().part() == Part.CHECK;
        return figure && mark.role() != Role.FRAME
                && (checking || order.settingOut() || !given || paper.at(mark.key()) != null);
    }

    private void judge(Mark mark) {
        PaperFigure there = paper.at(mark.key());
        if (there == null) {
            absent(mark);
            return;
        }
        if (there.isUnclear()) {
            put(mark, there.text(), Verdict.UNCLEAR, null);
            return;
        }
        boolean same = mark.kind() == MarkKind.STRIKE || there.says(mark.text());
        if (!same && answer.isOf(mark.key()) && answer.isOtherwiseRight()) {
            put(mark, there.text(), Verdict.RIGHT, null);
            return;
        }
        String text = there.text().isEmpty() ? mark.text() : there.text();
        if (mark.role() == Role.WRONG && !text.equals(mark.should())) {
            put(mark, text, Verdict.WRONG, mark.should());
        } else if (!same && mark.role() == Role.MISSING) {
            put(mark, text, text.equals(mark.should()) ? Verdict.RIGHT : Verdict.WRONG, mark.should());
        } else if (!same) {
            put(mark, text, Verdict.WRONG, mark.text());
        } else {
            put(mark, text, mark.role() == Role.FOLLOWS ? Verdict.FOLLOWS : Verdict.RIGHT, null);
        }
    }

    private void absent(Mark mark) {
        if (mark.role() == Role.MISSING) {
            put(mark, "", Verdict.WRONG, mark.should());
        } else if (mark.kind() == MarkKind.POINT) {
            return;
        } else if (lines.isHole(mark.key(), paper) && answer.verdict() == PaperVerdict.RIGHT) {
            put(mark, "", Verdict.WRONG, mark.text());
        } else if (mark.size() == Size.FULL && mark.kind() != MarkKind.STRIKE && mark.role() != Role.PADDING) {
            put(mark, "", Verdict.MISSING, mark.text());
        } else {
            put(mark, "", Verdict.UNWRITTEN, mark.text());
        }
    }

    private void put(Mark mark, String text, Verdict verdict, @Nullable String should) {
        figures.add(new MarkedFigure(mark.key(), mark.kind(), text, verdict, should));
    }

    /** A figure that belongs to nothing; in the answer's line it makes another number, unless it is a 0 in front. */
    private MarkedFigure stray(Figure.Key key, PaperFigure figure) {
        if (figure.isUnclear()) {
            return new MarkedFigure(key, figure.kind(), figure.text(), Verdict.UNCLEAR, null);
        }
        if (paper.isUsedUp(key)) {
            return new MarkedFigure(key, figure.kind(), figure.text(), Verdict.RIGHT, null);
        }
        String should = wrongInCheck.get(key);
        if (should != null && !should.equals(figure.text())) {
            return new MarkedFigure(key, figure.kind(), figure.text(), Verdict.WRONG, should);
        }
        boolean inAnswer = isAnswer(key);
        boolean wrong = lines.contradicts(key, figure) || inAnswer && !figure.text().equals("0")
                || !read.isFinished() && inAnswer;
        if (inAnswer && answer.verdict() == PaperVerdict.RIGHT) {
            return new MarkedFigure(key, figure.kind(), figure.text(),
                    figure.text().equals("0") ? Verdict.EXTRA : Verdict.RIGHT, null);
        }
        return new MarkedFigure(key, figure.kind(), figure.text(), wrong ? Verdict.WRONG : Verdict.EXTRA,
                wrong ? "" : null);
    }

    /** Only the answer judged, where somebody has worked it in a way of their own. */
    Marked answerOnly() {
        paper.figures().forEach((key, figure) -> figures.add(new MarkedFigure(key, figure.kind(), figure.text(),
                Verdict.EXTRA, null)));
        PaperVerdict verdict = answer.isEmpty() ? PaperVerdict.UNFINISHED
                : answer.verdict() == PaperVerdict.RIGHT ? PaperVerdict.RIGHT : PaperVerdict.WRONG;
        return new Marked(verdict, figures, new Marked.MarkedAnswer(written(), verdict), null, null, List.of(),
                null, Marked.Causes.NONE);
    }

    /**
     * Where what is wrong was done in the head, it shows first in what follows from it; an answer that is wrong has a figure
     * that is.
     */
    private void raiseFirst(PaperVerdict ofAnswer) {
        boolean nothingWrong = figures.stream().noneMatch(figure -> figure.verdict() == Verdict.WRONG
                && figure.at().block().part() == Part.WORK);
        if (nothingWrong && !raise(figure -> figure.verdict() == Verdict.FOLLOWS) && ofAnswer == PaperVerdict.WRONG
                && !raise(figure -> answer.isOf(figure.at()) && !figure.text().isEmpty()
                        && !figure.text().equals(right(figure.at())))) {
            raise(figure -> answer.isOf(figure.at()));
        }
    }

    private boolean raise(Predicate<MarkedFigure> which) {
        for (int i = 0; i < figures.size(); i++) {
            MarkedFigure figure = figures.get(i);
            if (which.test(figure)) {
                figures.set(i, figure.withVerdict(Verdict.WRONG).withShould(right(figure.at())));
                return true;
            }
        }
        return false;
    }

    private String right(Figure.Key key) {
        for (Decision<?> decision : careful.decisions()) {
            for (Figure figure : decision.ink()) {
                if (figure.key().equals(key)) {
                    return figure.text();
                }
            }
        }
        return "";
    }

    private Marked.FirstWrong first() {
        MarkedFigure first =
                figures.stream().filter(figure -> figure.verdict() == Verdict.WRONG).findFirst().orElseThrow();
        // Who worked another operation is told the sign; every other rule is told in the words of the asked procedure.
        Operation worked = read.isFinished() ? read.method().operation() : null;
        String rule = worked != null && worked != read.problem().operation()
                ? "The sign is " + read.problem().operation().sign() + "."
                : read.ruleFirstBroken(first.at()).map(Spoken::say).orElse("");
        return new Marked.FirstWrong(first.text().isEmpty() ? first.at() : paper.origin(first.at()),
                (new MarkWords(read.style()).stands(first) + " " + rule).strip());
    }

    /** The answer as the style writes it, where it can be made out; else its figures. */
    private String text(PaperVerdict verdict, Map<Figure.Key, Mark> last) {
        if (verdict == PaperVerdict.RIGHT && !answer.isOtherwiseRight()) {
            return careful.answer().text();
        }
        boolean all = read.isFinished() && figures.stream().filter(figure -> answer.isOf(figure.at()))
                .noneMatch(figure -> figure.verdict() == Verdict.MISSING || !last.containsKey(figure.at()));
        return all ? read.answer().text() : written();
    }

    /** The answer as it stands there. */
    private String written() {
        return answer.text(read.style().point().punctuation());
    }

    private boolean isAnswer(Figure.Key key) {
        return !key.stroke() && key.anchor() == Anchor.MIDDLE && working.answer() != null
                && key.block().equals(working.answer().block().name()) && key.line().equals(working.answer().line());
    }
}
