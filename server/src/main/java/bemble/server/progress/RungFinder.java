package bemble.server.progress;

import bemble.core.diagnosis.Remedy;
import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.server.load.CacheRoom;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** On which rung a question stands, and whether it gave the usual slips a chance; remembered for the questions of late. */
@Component
class RungFinder {
    private static final int SAMPLE = 4;
    private final LoadingCache<Problem, Place> places = CacheRoom.RUNGS
            .builder((Problem problem, Place place) -> 1).build(
                    problem -> new Place(problem.operation(), Ladder.rungOf(problem).orElse(null),
                            Remedy.givesUsualSlipsAChance(problem)));
    private final Map<Rung, Boolean> chances = new ConcurrentHashMap<>();

    /** @param rung null where the question is on none */
    record Place(Operation operation, @Nullable Rung rung, boolean chance) {}

    Place of(Problem problem) {
        return places.get(problem);
    }

    /** The rung on which most of some questions stand, which is the one that a quiz or a sheet is about. */
    Optional<Rung> mostly(List<Problem> problems) {
        Map<Rung, Long> counts = problems.stream().map(this::of).map(Place::rung).filter(Objects::nonNull)
                .collect(Collectors.groupingBy(rung -> rung, LinkedHashMap::new, Collectors.counting()));
        return counts.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
    }

    /** Whether questions of a rung can give the usual slips a chance. */
    boolean givesChance(Rung rung) {
        return chances.computeIfAbsent(rung, any -> new Draft(rung.wishes(), 1).draw(SAMPLE).stream()
                .anyMatch(question -> Remedy.givesUsualSlipsAChance(question.problem())));
    }
}
