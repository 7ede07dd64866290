package bemble.server.progress;

import bemble.core.diagnosis.Remedy;
import bemble.core.practice.Draft;
import bemble.core.practice.Ladder;
import bemble.core.practice.Rung;
import bemble.core.practice.features.Features;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.server.load.CacheRoom;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** On which rung a question stands, and whether it gave the usual slips a chance; remembered for the questions of late. */
@Component
class RungFinder {
    private static final int SAMPLE = 4;
    private final LoadingCache<Problem, Place> places = CacheRoom.RUNGS
            .builder((Problem problem, Place place) -> 1).build(
                    problem -> new Place(problem.operation(), Ladder.rungOf(Features.of(problem)).orElse(null),
                            Remedy.givesUsualSlipsAChance(problem)));
    private final Map<Rung, Boolean> chances = new ConcurrentHashMap<>();

    /** @param rung null where the question is on none */
    record Place(Operation operation, @Nullable Rung rung, boolean chance) {}

    Place of(Problem problem) {
        return places.get(problem);
    }

    /** Whether questions of a rung can give the usual slips a chance. */
    boolean givesChance(Rung rung) {
        return chances.computeIfAbsent(rung, any -> new Draft(rung.wishes(), 1).draw(SAMPLE).stream()
                .anyMatch(question -> Remedy.givesUsualSlipsAChance(question.problem())));
    }
}
