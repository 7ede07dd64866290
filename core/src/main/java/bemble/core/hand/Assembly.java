package bemble.core.hand;

import bemble.core.working.Figure;
import bemble.core.working.Mark;
import bemble.core.working.Role;
import bemble.core.working.Spoken;
import bemble.core.working.Step;
import bemble.core.working.StepKind;
import bemble.core.working.Working;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Puts a working together from what a desk has recorded: steps in the style's pace, and the mark of every figure. */
final class Assembly {
    private final Desk desk;
    private final Roles roles;
    private final List<Step> steps = new ArrayList<>();
    private final List<Mark> marks = new ArrayList<>();
    /** The places in the list of the marks that go with the next step. */
    private final List<Integer> passing = new ArrayList<>();

    Assembly(Desk desk, Roles roles) {
        this.desk = desk;
        this.roles = roles;
    }

    Working working() {
        List<Desk.Utterance> utterances = desk.utterances();
        // What was decided before anything was said belongs to the first step.
        int at = 0;
        for (int first = 0; first < utterances.size();) {
            int next = first + 1;
            while (next < utterances.size() && !desk.takesFiguresOneByOne() && !utterances.get(next).begins()) {
                next++;
            }
            begin(utterances.subList(first, next), first);
            int end = next < utterances.size() ? utterances.get(next).from() : desk.entries().size();
            for (; at < end; at++) {
                play(at);
            }
            first = next;
        }
        List<Mark> between = GroupMarks.of(marks, desk.style());
        if (!between.isEmpty()) {
            marks.addAll(between);
            marks.sort(Comparator.comparingInt(Mark::step));
        }
        return new Working(List.copyOf(desk.blocks()), List.copyOf(steps), List.copyOf(marks), desk.answer());
    }

    private void begin(List<Desk.Utterance> said, int first) {
        int n = steps.size() + 1;
        Desk.Utterance utterance = said.get(0);
        if (utterance.begins()) {
            passing.forEach(index -> marks.set(index, marks.get(index).until(n)));
            passing.clear();
        }
        StepKind kind = said.size() > 1 ? StepKind.COLUMN : utterance.kind();
        steps.add(new Step(n, kind, utterance.part(), utterance.block(), utterance.place(), () -> spoken(said, first)));
    }

    private Spoken spoken(List<Desk.Utterance> said, int first) {
        Spoken all = spoken(said.get(0), first);
        for (int i = 1; i < said.size(); i++) {
            all = all.and(spoken(said.get(i), first + i));
        }
        return all;
    }

    private Spoken spoken(Desk.Utterance utterance, int n) {
        List<Entry> entries = desk.entries().subList(utterance.from(), endOfGroup(n));
        return utterance.talk().say(new Said(entries, utterance.style(), desk.words(), utterance.place()));
    }

    /** What is said where that entry was made; nothing where nothing was said yet. */
    Optional<Spoken> wordsOf(int entry) {
        List<Desk.Utterance> utterances = desk.utterances();
        int last = -1;
        for (int i = 0; i < utterances.size() && utterances.get(i).from() <= entry; i++) {
            last = i;
        }
        return last < 0 ? Optional.empty() : Optional.of(spoken(utterances.subList(last, last + 1), last));
    }

    /** Where the next step that begins in every pace begins. */
    private int endOfGroup(int utterance) {
        List<Desk.Utterance> utterances = desk.utterances();
        for (int i = utterance + 1; i < utterances.size(); i++) {
            if (utterances.get(i).begins()) {
                return utterances.get(i).from();
            }
        }
        return desk.entries().size();
    }

    private void play(int at) {
        Entry entry = desk.entries().get(at);
        if (entry instanceof Entry.Drawn drawn) {
            put(drawn.figure());
        } else if (entry instanceof Decision<?> decision) {
            List<Figure> ink = decision.ink();
            boolean wrongFirst = roles.isWrongFirst(ink);
            if (wrongFirst) {
                ink.forEach(this::put);
            }
            for (Roles.Missing missing : roles.missing(at)) {
                Figure figure = missing.figure();
                marks.add(new Mark(steps.size(), null, figure.kind(), figure.at(), figure.to(), "", Role.MISSING,
                        figure.size(), figure.anchor(), missing.should()));
            }
            if (!wrongFirst) {
                ink.forEach(this::put);
            }
        }
    }

    private void put(Figure figure) {
        Role role = roles.role(figure);
        marks.add(new Mark(steps.size(), null, figure.kind(), figure.at(), figure.to(), figure.text(), role,
                figure.size(),
                figure.anchor(), role == Role.WRONG ? roles.should(figure) : null));
        if (figure.passing()) {
            passing.add(marks.size() - 1);
        }
    }
}
