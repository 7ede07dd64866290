package bemble.server.glance;

import bemble.core.entry.GivenAnswer;
import bemble.core.fact.TableFact;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.slip.FactsWorked;
import bemble.core.style.HouseStyle;
import bemble.server.load.CacheRoom;
import bemble.server.marking.MarkedWork.Answer;
import com.github.benmanes.caffeine.cache.LoadingCache;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Which facts of the tables an answer rests on, and which it missed; remembered for the questions of late. */
@Component
class FactUses {
    /** @param missed the wrong answer and what it is put down to; null where what a right one rests on is asked for */
    private record Asked(Problem problem, @Nullable Wrong missed) {}

    private record Wrong(String key, String cause) {}

    /** A fact in its square, with what was said for it; null where it was right. */
    record Use(TableFact fact, @Nullable String said) {}

    private final LoadingCache<Asked, List<Use>> uses =
            CacheRoom.FACTS.builder((Asked asked, List<Use> found) -> 1).build(FactUses::worked);

    /** What an answer tells of the facts: of a right one all that it rests on, of a wrong one the fact it missed. */
    List<Use> of(Answer answer) {
        if (answer.right()) {
            return uses.get(new Asked(answer.problem(), null));
        }
        String cause = answer.cause();
        if (cause == null) {
            return List.of();
        }
        return GivenAnswer.read(answer.given(), Punctuation.POINT)
                .map(given -> uses.get(new Asked(answer.problem(), new Wrong(given.key(), cause)))).orElse(List.of());
    }

    private static List<Use> worked(Asked asked) {
        Problem problem = asked.problem();
        Wrong wrong = asked.missed();
        if (wrong == null) {
            return FactsWorked.of(problem, Methods.usual(problem), HouseStyle.USUAL).stream().map(TableFact::named)
                    .flatMap(Optional::stream).distinct().map(fact -> new Use(fact, null)).toList();
        }
        return FactsWorked.missed(wrong.cause(), problem, Methods.usual(problem), HouseStyle.USUAL, wrong.key())
                .flatMap(missed -> TableFact.named(missed.fact()).map(fact -> new Use(fact, missed.said()))).stream()
                .toList();
    }
}
