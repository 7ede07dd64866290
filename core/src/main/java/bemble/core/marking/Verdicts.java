package bemble.core.marking;

import bemble.core.check.Check;
import bemble.core.hand.Decision;
import bemble.core.hand.Written;
import bemble.core.working.Anchor;
import bemble.core.working.Figure;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Part;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spoken;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** What is said of each figure, from the reading of a paper that fits most nearly. */
final class Verdicts {
    private static final String CHECK = Part.CHECK.id() + ".";

    private final Written read;
    private final Working working;
    private final WrittenPaper paper;
    private final PaperToMark order;
    private final Written careful;
    private final Check check;
    /** What belongs where a rule was broken in the check. */
    private final Map<Figure.Key, String> wrongInCheck;
    private final List<MarkedFigure> figures = new ArrayList<>();

    Verdicts(Written read, Check check, WrittenPaper paper, PaperToMark order, Written careful) {
        this.read = read;
        this.working = read.working();
        this.paper = paper;
        this.order = order;
        this.careful = careful;
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

    Marked marked(List<Marked.Explained> explained) {
        Map<Figure.Key, Mark> last = lastMarks();
        for (Mark mark : working.marks()) {
            if (last.get(mark.key()) == mark && mark.step() > working.lastOfWork()) {
                judgeCheck(mark);
            } else if (last.get(mark.key()) == mark) {
                judge(mark);
            } else if (mark.role() == Role.MISSING) {
                // Something else came to stand there later.
                absent(mark);
            }
        }
        for (Map.Entry<Figure.Key, PaperFigure> each : paper.figures().entrySet()) {
            if (!last.containsKey(each.getKey())) {
                figures.add(stray(each.getKey(), each.getValue()));
            }
        }
        raiseFirst();
        boolean wrong = figures.stream().anyMatch(figure -> figure.verdict() == Verdict.WRONG);
        boolean missing = figures.stream().anyMatch(figure -> figure.verdict() == Verdict.MISSING);
        Marked.FirstWrong first = wrong ? first() : null;
        PaperVerdict verdict = wrong ? PaperVerdict.WRONG : missing ? PaperVerdict.UNFINISHED : PaperVerdict.RIGHT;
        return new Marked(verdict, figures, answer(last), first, order.check() == null || !read.isFinished() ? null : check(), explained);
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
        List<MarkedFigure> its = figures.stream().filter(figure -> figure.at().block().startsWith(CHECK)).toList();
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
        boolean given = mark.role() == Role.GIVEN || mark.role() == Role.PADDING;
        boolean figure = mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER || mark.kind() == MarkKind.STRIKE
                || mark.kind() == MarkKind.POINT;
        boolean checking = mark.at().block().id().startsWith(CHECK);
        return figure && mark.role() != Role.FRAME && (checking || order.settingOut() || !given || paper.at(mark.key()) != null);
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
        } else if (mark.size() == Size.FULL && mark.kind() != MarkKind.STRIKE && mark.role() != Role.PADDING) {
            put(mark, "", Verdict.MISSING, mark.text());
        } else {
            put(mark, "", Verdict.UNWRITTEN, mark.text());
        }
    }

    private void put(Mark mark, String text, Verdict verdict, String should) {
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
        boolean wrong = inAnswer && !figure.text().equals("0") || !read.isFinished() && inAnswer;
        return new MarkedFigure(key, figure.kind(), figure.text(), wrong ? Verdict.WRONG : Verdict.EXTRA, wrong ? "" : null);
    }

    /** Only the answer judged, where somebody has worked it in a way of their own. */
    Marked answerOnly() {
        paper.figures().forEach((key, figure) -> figures.add(new MarkedFigure(key, figure.kind(), figure.text(),
                Verdict.EXTRA, null)));
        String there = textOfAnswer();
        PaperVerdict verdict = there.isEmpty() ? PaperVerdict.UNFINISHED
                : there.equals(digits(careful.answer().text())) ? PaperVerdict.RIGHT : PaperVerdict.WRONG;
        return new Marked(verdict, figures, new Marked.MarkedAnswer(there, verdict), null, null, List.of());
    }

    private static String digits(String text) {
        return text.replaceAll("[^0-9]", "");
    }

    /** The figures in the answer's line from the left, and what is left over after them. */
    private String textOfAnswer() {
        return figures.stream().filter(figure -> !figure.text().isEmpty() && (isAnswer(figure.at())
                        || figure.at().block().equals("remainder")))
                .sorted(Comparator.comparing((MarkedFigure figure) -> !isAnswer(figure.at()))
                        .thenComparing(figure -> -figure.at().place()))
                .map(MarkedFigure::text).collect(Collectors.joining());
    }

    /** Where what is wrong was done in the head, it shows first in what follows from it. */
    private void raiseFirst() {
        if (figures.stream().anyMatch(figure -> figure.verdict() == Verdict.WRONG)) {
            return;
        }
        for (int i = 0; i < figures.size(); i++) {
            MarkedFigure figure = figures.get(i);
            if (figure.verdict() == Verdict.FOLLOWS) {
                figures.set(i, new MarkedFigure(figure.at(), figure.kind(), figure.text(), Verdict.WRONG, right(figure.at())));
                return;
            }
        }
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
        MarkedFigure first = figures.stream().filter(figure -> figure.verdict() == Verdict.WRONG).findFirst().orElseThrow();
        boolean other = read.decisions().get(0).isBroken();
        String rule = other ? "The sign is " + read.problem().operation().sign() + "."
                : read.ruleFirstBroken(first.at()).map(Spoken::say).orElse("");
        return new Marked.FirstWrong(first.at(), (new MarkWords(read.style()).stands(first) + " " + rule).strip());
    }

    private Marked.MarkedAnswer answer(Map<Figure.Key, Mark> last) {
        boolean all = read.isFinished();
        boolean stray = false;
        for (MarkedFigure figure : figures) {
            if (isAnswer(figure.at())) {
                all &= figure.verdict() != Verdict.MISSING;
                stray |= !last.containsKey(figure.at()) && figure.verdict() == Verdict.WRONG;
            }
        }
        if (all && !stray) {
            String text = read.answer().text();
            return new Marked.MarkedAnswer(text, text.equals(careful.answer().text()) ? PaperVerdict.RIGHT : PaperVerdict.WRONG);
        }
        return new Marked.MarkedAnswer(textOfAnswer(), stray ? PaperVerdict.WRONG : PaperVerdict.UNFINISHED);
    }

    private boolean isAnswer(Figure.Key key) {
        return !key.stroke() && key.anchor() == Anchor.MIDDLE && working.answer() != null
                && key.block().equals(working.answer().block().id()) && key.line().equals(working.answer().line());
    }
}
