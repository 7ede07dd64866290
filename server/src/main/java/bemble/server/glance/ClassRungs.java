package bemble.server.glance;

import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.progress.PupilWork;
import bemble.server.progress.PupilWork.OnRung;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** The rungs on which a class has answers. */
final class ClassRungs {
    private static final int LATELY_DAYS = 14;

    private ClassRungs() {}

    /** In the order of the ladders. */
    static List<Rung> of(List<PupilWork> pupils) {
        return Ladder.all().stream()
                .filter(rung -> answers(pupils, rung).findAny().isPresent()).toList();
    }

    /** The one with most answers in the two weeks up to the latest. */
    static Rung latest(List<PupilWork> pupils, List<Rung> rungs) {
        LocalDate latest = pupils.stream().flatMap(pupil -> pupil.answers().stream()).map(Answer::day)
                .max(Comparator.naturalOrder()).orElseThrow();
        return rungs.stream().max(Comparator.comparingLong(rung -> answers(pupils, rung)
                .filter(answer -> answer.day().isAfter(latest.minusDays(LATELY_DAYS))).count())).orElseThrow();
    }

    private static Stream<Answer> answers(List<PupilWork> pupils, Rung rung) {
        return pupils.stream().flatMap(pupil -> pupil.onRungs().stream()).filter(on -> on.rung().equals(rung))
                .map(OnRung::answers).flatMap(List::stream);
    }

    /** A rung with its operation, as one chooses it. */
    static String label(Rung rung) {
        return rung.wishes().operation().title() + ": " + rung.title();
    }
}
