package bemble.server.glance;

import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.problem.Operation;
import bemble.core.progress.Place;
import bemble.core.progress.State;
import bemble.server.classes.Pupil;
import bemble.server.glance.StairView.Stair;
import bemble.server.glance.StairView.Tread;
import bemble.server.progress.PupilPlaces;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** Puts each pupil on the highest rung that is secure, and looks who came there within four weeks. */
final class Stairs {
    private static final int WEEKS_AGO = 4;
    private static final int FLOOR = -1;

    private Stairs() {}

    static StairView of(List<PupilPlaces> pupils, LocalDate today) {
        List<Stair> stairs = new ArrayList<>();
        for (Operation operation : Operation.values()) {
            List<Climber> climbers = pupils.stream().map(pupil -> Climber.of(pupil, operation, today))
                    .filter(Climber::hasTried).toList();
            if (!climbers.isEmpty()) {
                stairs.add(new Stair(operation, treads(Ladder.of(operation), climbers)));
            }
        }
        return new StairView(stairs);
    }

    /**
     * @param now the place in the ladder of the highest rung that is reached; {@link #FLOOR} where none is
     * @param came whether that is so since four weeks at most
     */
    private record Climber(Pupil pupil, Set<Integer> tried, int now, boolean came) {
        static Climber of(PupilPlaces pupil, Operation operation, LocalDate today) {
            List<Rung> ladder = Ladder.of(operation);
            Map<String, Place> places = pupil.all();
            Set<Integer> tried = new HashSet<>();
            int now = FLOOR;
            for (int place = 0; place < ladder.size(); place++) {
                State state = places.getOrDefault(ladder.get(place).id(), Place.NONE).state();
                if (state != State.NOT_TRIED) {
                    tried.add(place);
                }
                now = state.isReached() ? place : now;
            }
            LocalDate since = now == FLOOR ? null
                    : places.getOrDefault(ladder.get(now).id(), Place.NONE).since();
            return new Climber(pupil.pupil(), tried, now, since != null && since.isAfter(today.minusWeeks(WEEKS_AGO)));
        }

        boolean hasTried() {
            return !tried.isEmpty();
        }
    }

    /** The floor, where anybody stands on it, and each rung that anybody has tried. */
    private static List<Tread> treads(List<Rung> ladder, List<Climber> climbers) {
        List<Tread> treads = new ArrayList<>();
        for (int place = FLOOR; place < ladder.size(); place++) {
            int here = place;
            List<Climber> standing = climbers.stream().filter(climber -> climber.now() == here).toList();
            if (place == FLOOR ? !standing.isEmpty()
                    : climbers.stream().anyMatch(climber -> climber.tried().contains(here))) {
                Rung rung = place == FLOOR ? null : ladder.get(place);
                List<Pupil> came = pupils(standing.stream().filter(Climber::came).toList());
                treads.add(new Tread(rung == null ? null : rung.id(), rung == null ? "none yet" : rung.title(),
                        pupils(standing), came, say(rung, pupils(standing), came)));
            }
        }
        return treads;
    }

    private static List<Pupil> pupils(List<Climber> climbers) {
        return climbers.stream().map(Climber::pupil).toList();
    }

    private static String say(@Nullable Rung rung, List<Pupil> standing, List<Pupil> came) {
        String where = rung == null ? "No step secure yet" : rung.title();
        return where + ": " + (standing.isEmpty() ? "nobody" : names(standing))
                + (came.isEmpty() ? "" : "; come here within four weeks: " + names(came)) + ".";
    }

    private static String names(List<Pupil> pupils) {
        return pupils.stream().map(Pupil::name).collect(Collectors.joining(", "));
    }
}
