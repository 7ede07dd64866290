package bemble.core.hand;

import bemble.core.working.Block;
import bemble.core.working.Figure;
import bemble.core.working.Line;
import bemble.core.working.MarkKind;
import bemble.core.working.Role;
import bemble.core.working.Spot;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Which figures of a working show a broken rule, and what should stand there. A broken decision shows in its own ink.
 * One that leaves none (a total, "needs a ten", another procedure) shows in what follows: a careful hand goes on from
 * there on a second sheet, and both are compared up to the first full figure that differs.
 */
final class Roles {
    static final Roles NONE = new Roles();
    private final Map<Figure, String> wrong = new HashMap<>();
    private final Map<Integer, List<Missing>> missing = new HashMap<>();
    private Map<Figure.Key, String> right = Map.of();
    private boolean broken;
    private List<Block> blocks = List.of();

    /** A figure that the rule called for and that is not there. */
    record Missing(Figure figure, String should) {}

    /** A figure with the number of the entry that wrote it. */
    private record Inked(int entry, Figure figure) {}

    private Roles() {}

    static Roles of(Written written) {
        List<Entry> entries = written.desk().entries().subList(0, written.desk().endOfWork());
        Roles roles = NONE;
        List<Inked> ink = List.of();
        for (int i = 0; i < entries.size(); i++) {
            if (entries.get(i) instanceof Decision<?> decision && decision.isBroken()) {
                if (roles == NONE) {
                    roles = new Roles();
                    roles.blocks = written.desk().blocks();
                    ink = ink(entries);
                    roles.right = lastTexts(written.again(Hand.CAREFUL).desk().entries());
                }
                roles.note(i, decision, entries.subList(0, i), ink, written);
            }
        }
        return roles;
    }

    private void note(int entry, Decision<?> decision, List<Entry> before, List<Inked> ink, Written written) {
        broken = true;
        if (!compare(entry, decision.ink(), decision.carefulInk(), ink)) {
            List<Decision<?>> decided = decisions(before);
            Desk other = written.again(new CarefulFrom(decided)).desk();
            List<Decision<?>> careful = decisions(other.entries());
            // What the careful hand wrote from that decision on, on its second sheet.
            follow(entry, ink, careful.stream().skip(decided.size()).flatMap(each -> each.ink().stream()).toList());
        }
    }

    private static List<Decision<?>> decisions(List<Entry> entries) {
        List<Decision<?>> decisions = new ArrayList<>();
        for (Entry entry : entries) {
            if (entry instanceof Decision<?> decision) {
                decisions.add(decision);
            }
        }
        return decisions;
    }

    /** Compares what one decision left with what a careful one would have; whether they differ. */
    private boolean compare(int entry, List<Figure> here, List<Figure> careful, List<Inked> all) {
        Map<Figure.Key, String> should = texts(careful);
        Map<Figure.Key, String> is = texts(here);
        boolean differs = false;
        for (Figure figure : here) {
            if (figure.role() == Role.FRAME) {
                // A cross that only fills a place is no figure; what is wrong shows in the figures after it.
                continue;
            }
            String other = should.getOrDefault(figure.key(), "");
            if (!other.equals(figure.text())) {
                markWrong(figure, other);
                differs = true;
            }
        }
        for (Figure figure : careful) {
            // Where something else comes to stand in its square, what is wrong shows there, or earlier.
            if (!is.containsKey(figure.key()) && !isOccupied(figure, all)) {
                differs |= markMissing(entry, figure);
            }
        }
        return differs;
    }

    /** What is missing is noted where this hand went on without it. */
    private void follow(int entry, List<Inked> all, List<Figure> careful) {
        List<Inked> here = all.stream().filter(inked -> inked.entry() > entry).toList();
        List<Figure> figures = here.stream().map(Inked::figure).toList();
        Map<Figure.Key, String> should = texts(careful);
        Map<Figure.Key, String> is = texts(figures);
        boolean found = false;
        int atHere = 0;
        int atCareful = 0;
        while (!found && (atHere < figures.size() || atCareful < careful.size())) {
            int now = atHere < here.size() ? here.get(atHere).entry()
                    : all.isEmpty() ? entry : all.get(all.size() - 1).entry();
            int endCareful = endOfFull(careful, atCareful);
            for (; atCareful < endCareful; atCareful++) {
                Figure figure = careful.get(atCareful);
                if (figure.role() != Role.GIVEN && !is.containsKey(figure.key())) {
                    found |= markMissing(now, figure);
                }
            }
            int endHere = endOfFull(figures, atHere);
            for (; atHere < endHere; atHere++) {
                Figure figure = figures.get(atHere);
                String other = should.getOrDefault(figure.key(), "");
                // Set out as for another procedure, the numbers themselves stand elsewhere.
                boolean elsewhere = figure.role() == Role.GIVEN && figure.kind() == MarkKind.DIGIT
                        && !should.containsKey(figure.key());
                if ((elsewhere || figure.role() != Role.GIVEN) && !other.equals(figure.text())) {
                    markWrong(figure, other);
                    found = true;
                }
            }
        }
    }

    /** Just after the next full figure. */
    private static int endOfFull(List<Figure> figures, int from) {
        int at = from;
        while (at < figures.size() && !figures.get(at).isFull()) {
            at++;
        }
        return Math.min(figures.size(), at + 1);
    }

    private void markWrong(Figure figure, String should) {
        wrong.putIfAbsent(figure, should);
    }

    private static boolean isOccupied(Figure figure, List<Inked> all) {
        return figure.kind() != MarkKind.STRIKE
                && all.stream().anyMatch(inked -> inked.figure().key().equals(figure.key()));
    }

    private boolean markMissing(int entry, Figure figure) {
        if (!figure.isAsked() && figure.kind() != MarkKind.STRIKE && figure.kind() != MarkKind.POINT
                && figure.role() != Role.GIVEN) {
            return false;
        }
        Optional<Spot> here = onThisPaper(figure.at());
        here.ifPresent(spot -> missing.computeIfAbsent(entry, n -> new ArrayList<>()).add(new Missing(
                new Figure(figure.kind(), spot, null, "", figure.role(), figure.size(), figure.anchor(), false),
                figure.text())));
        return here.isPresent();
    }

    /** The square on this paper for one on another of the same problem; room is made where its line is missing here. */
    private Optional<Spot> onThisPaper(Spot other) {
        return blocks.stream().filter(block -> block.equals(other.block())).findFirst().map(block -> {
            List<Line> lines = other.block().lines();
            for (int i = lines.indexOf(other.line()) + 1; i < lines.size()
                    && !block.lines().contains(other.line()); i++) {
                if (block.lines().contains(lines.get(i))) {
                    block.lineAbove(lines.get(i), other.line());
                }
            }
            return block.line(other.line()).at(other.line(), other.place());
        });
    }

    private static List<Inked> ink(List<Entry> entries) {
        List<Inked> ink = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            if (entries.get(i) instanceof Decision<?> decision) {
                for (Figure figure : decision.ink()) {
                    ink.add(new Inked(i, figure));
                }
            }
        }
        return ink;
    }

    private static Map<Figure.Key, String> texts(List<Figure> figures) {
        Map<Figure.Key, String> texts = new LinkedHashMap<>();
        figures.forEach(figure -> texts.put(figure.key(), figure.text()));
        return texts;
    }

    private static Map<Figure.Key, String> lastTexts(List<Entry> entries) {
        return texts(ink(entries).stream().map(Inked::figure).toList());
    }

    /** Whether something wrong was written where that entry was decided; it comes before what is missing. */
    boolean isWrongFirst(List<Figure> ink) {
        return broken && ink.stream().anyMatch(wrong::containsKey);
    }

    /** What is missing where that entry was decided. */
    List<Missing> missing(int entry) {
        return missing.getOrDefault(entry, List.of());
    }

    /** What should stand where a wrong figure stands; null where it is not wrong. */
    @Nullable
    String should(Figure figure) {
        return broken ? wrong.get(figure) : null;
    }

    /** The role of a figure: its own, or wrong, or following from what was wrong before. */
    Role role(Figure figure) {
        if (!broken || figure.role() == Role.FRAME || figure.role() == Role.PADDING) {
            return figure.role();
        }
        if (wrong.containsKey(figure)) {
            return Role.WRONG;
        }
        boolean asked = figure.isAsked() || figure.role() == Role.GIVEN;
        return asked && !figure.text().equals(right.get(figure.key())) ? Role.FOLLOWS : figure.role();
    }
}
