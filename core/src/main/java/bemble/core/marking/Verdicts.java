package bemble.core.marking;

import bemble.core.hand.Decision;
import bemble.core.hand.Written;
import bemble.core.working.Anchor;
import bemble.core.working.Figure;
import bemble.core.working.Mark;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Size;
import bemble.core.working.Spoken;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What is said of each figure, from the reading of a paper that fits most nearly. */
final class Verdicts {
    private final Written read;
    private final Working working;
    private final WrittenPaper paper;
    private final PaperToMark order;
    private final Written careful;
    private final List<MarkedFigure> figures = new ArrayList<>();

    Verdicts(Written read, WrittenPaper paper, PaperToMark order, Written careful) {
        this.read = read;
        this.working = read.working();
        this.paper = paper;
        this.order = order;
        this.careful = careful;
    }

    Marked marked(List<Marked.Explained> explained) {
        Map<Figure.Key, Mark> last = lastMarks();
        for (Mark mark : working.marks()) {
            if (last.get(key(mark)) == mark) {
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
        return new Marked(verdict, figures, answer(last), first, explained);
    }

    /** What stands in each part of a square in the end. */
    private Map<Figure.Key, Mark> lastMarks() {
        Map<Figure.Key, Mark> last = new LinkedHashMap<>();
        for (Mark mark : working.marks()) {
            if (mark.until() == null && isFigure(mark)) {
                last.put(key(mark), mark);
            }
        }
        return last;
    }

    private boolean isFigure(Mark mark) {
        boolean given = mark.role() == Role.GIVEN || mark.role() == Role.PADDING;
        boolean figure = mark.kind() == MarkKind.DIGIT || mark.kind() == MarkKind.NUMBER || mark.kind() == MarkKind.STRIKE
                || mark.kind() == MarkKind.POINT;
        return figure && mark.role() != Role.FRAME && (order.settingOut() || !given || paper.at(key(mark)) != null);
    }

    private static Figure.Key key(Mark mark) {
        return new Figure.Key(mark.at().block().id(), mark.at().line(), mark.at().place(), mark.anchor(),
                mark.kind() == MarkKind.STRIKE);
    }

    private void judge(Mark mark) {
        PaperFigure there = paper.at(key(mark));
        if (there == null) {
            absent(mark);
            return;
        }
        boolean same = mark.kind() == MarkKind.STRIKE || there.text().equals(mark.text());
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
        figures.add(new MarkedFigure(key(mark), mark.kind(), text, verdict, should));
    }

    /** A figure that belongs to nothing; in the answer's line it makes another number, unless it is a 0 in front. */
    private MarkedFigure stray(Figure.Key key, PaperFigure figure) {
        if (paper.isUsedUp(key)) {
            return new MarkedFigure(key, figure.kind(), figure.text(), Verdict.RIGHT, null);
        }
        boolean inAnswer = isAnswer(key);
        boolean wrong = inAnswer && !figure.text().equals("0") || !read.isFinished() && inAnswer;
        return new MarkedFigure(key, figure.kind(), figure.text(), wrong ? Verdict.WRONG : Verdict.EXTRA, wrong ? "" : null);
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
                : read.ruleFirstBroken().map(Spoken::say).orElse("");
        return new Marked.FirstWrong(first.at(), (new MarkWords(read.style()).stands(first) + " " + rule).strip());
    }

    private Marked.MarkedAnswer answer(Map<Figure.Key, Mark> last) {
        boolean all = read.isFinished();
        boolean stray = false;
        StringBuilder there = new StringBuilder();
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
        figures.stream().filter(figure -> isAnswer(figure.at()) && !figure.text().isEmpty())
                .sorted(Comparator.comparingInt((MarkedFigure figure) -> figure.at().place()).reversed())
                .forEach(figure -> there.append(figure.text()));
        return new Marked.MarkedAnswer(there.toString(), stray ? PaperVerdict.WRONG : PaperVerdict.UNFINISHED);
    }

    private boolean isAnswer(Figure.Key key) {
        return !key.stroke() && key.anchor() == Anchor.MIDDLE && working.answer() != null
                && key.block().equals(working.answer().block().id()) && key.line().equals(working.answer().line());
    }
}
