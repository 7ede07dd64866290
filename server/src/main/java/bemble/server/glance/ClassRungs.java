package bemble.server.glance;

import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.server.glance.Steps.Wanted;
import bemble.server.marking.MarkedWork.Answer;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** The rungs on which a class has answers. */
final class ClassRungs {
    private static final int LATELY_DAYS = 14;

    private ClassRungs() {}

    /** In the order of the ladders. */
    static List<Rung> of(List<Wanted> lines) {
        return Ladder.all().stream().filter(rung -> answers(lines, rung).findAny().isPresent()).toList();
    }

    /** The one with most answers in the two weeks up to the latest. */
    static Rung latest(List<Wanted> lines, List<Rung> rungs) {
        LocalDate latest = lines.stream().flatMap(line -> line.rung().answers().stream()).map(Answer::day)
                .max(Comparator.naturalOrder()).orElseThrow();
        return rungs.stream().max(Comparator.comparingLong(rung -> answers(lines, rung)
                .filter(answer -> answer.day().isAfter(latest.minusDays(LATELY_DAYS))).count())).orElseThrow();
    }

    private static Stream<Answer> answers(List<Wanted> lines, Rung rung) {
        return lines.stream().filter(line -> line.rung().rung().equals(rung))
                .flatMap(line -> line.rung().answers().stream());
    }
}
