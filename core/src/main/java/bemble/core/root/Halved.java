package bemble.core.root;

import bemble.core.hand.Answer;
import bemble.core.hand.Desk;
import bemble.core.hand.Method;
import bemble.core.hand.Outcome;
import bemble.core.hand.Said;
import bemble.core.hand.Stuck;
import bemble.core.problem.Numeral;
import bemble.core.problem.Problem.SquareRoot;
import bemble.core.style.MethodName;
import bemble.core.working.Fact;
import bemble.core.working.Spoken;
import bemble.core.working.StepKind;

/** A root set out as it is given, and half the number written for it. */
final class Halved implements Method<SquareRoot> {
    @Override
    public MethodName name() {
        return MethodName.DOUBLED_ROOT;
    }

    @Override
    public Outcome write(SquareRoot root, Desk desk) {
        Numeral radicand = root.radicand();
        if (!radicand.isWhole() || radicand.digit(0) % 2 > 0 || radicand.isZero()) {
            throw new Stuck("it has no whole half");
        }
        RootPaper paper = RootPaper.setOut(root, radicand.highest() / 2 + 1, desk);
        int from = desk.mark();
        StringBuilder half = new StringBuilder();
        int left = 0;
        for (int place = radicand.highest(); place >= 0; place--) {
            int number = 10 * left + radicand.digit(place);
            left = number % 2;
            if (number > 1 || half.length() > 0 || place == 0) {
                desk.step(StepKind.DIVIDE, paper.block(), place, Halved::half);
                half.append(desk.ask(new HalfDigit(paper.block().at(RootPaper.ROOT, place), number)));
            }
        }
        int to = desk.mark();
        Numeral value = Numeral.of(half.toString());
        return new Outcome(new Answer(value.plain(), null, true, value.plain(), desk.style().number(value)),
                () -> HalvedRecord.of(desk.decisions(from, to)));
    }

    private static Spoken half(Said said) {
        int number = said.asked(HalfDigit.class).number();
        int half = said.decided(HalfDigit.class);
        String title = said.words().title(said.place());
        return new Spoken(title, Fact.of("half of " + number, " → ", Integer.toString(half)),
                title + ": half of " + number + ". Write " + half + ".", "What is half of " + number + "?");
    }
}
