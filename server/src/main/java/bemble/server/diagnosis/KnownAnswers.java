package bemble.server.diagnosis;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.slip.NamedRules;
import bemble.core.style.HouseStyle;
import bemble.server.load.CacheRoom;
import bemble.server.rules.SchoolRules;
import com.github.benmanes.caffeine.cache.Cache;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The answers that hands come to, kept for the questions asked about last: a class works on the same sheet. */
@Component
public class KnownAnswers {
    /** What has grown by less since it was weighed is not weighed anew. */
    private static final int GROWN_KILOBYTES = 20;
    private volatile boolean used;
    private final SchoolRules rules;
    private final Cache<Asked, Held> kept = CacheRoom.ANSWERS.cache((asked, held) -> held.kilobytes());

    /** @param method the id of the method it is worked by, or null for the one of the style */
    public record Wanted(Problem problem, @Nullable String method, HouseStyle style) {
        private String methodId() {
            return Methods.find(problem, method, style).name().id();
        }

        private Answers answers(NamedRules rules) {
            return Answers.of(problem, methodId(), rules);
        }
    }

    private final Queue<Asked> handedOut = new ConcurrentLinkedQueue<>();

    /** What answers are kept by: with another rule given a name they are others. */
    private record Asked(Problem problem, String method, NamedRules rules) {}

    /** @param kilobytes what they weighed when they were held; they grow with what is asked of them */
    private record Held(Answers answers, int kilobytes) {
        static Held of(Answers answers) {
            return new Held(answers, answers.kilobytes());
        }
    }

    KnownAnswers(SchoolRules rules) {
        this.rules = rules;
    }

    /** The answers of each question; those not known yet are worked out on all the machine's cores. */
    public List<Answers> of(List<Wanted> wanted) {
        used = true;
        weighAnew();
        NamedRules known = rules.now();
        return wanted.parallelStream().map(each -> held(new Asked(each.problem(), each.methodId(), known),
                () -> each.answers(known))).toList();
    }

    private Answers held(Asked asked, Supplier<Answers> work) {
        Held there = kept.get(asked, any -> Held.of(work.get()));
        handedOut.add(asked);
        return there.answers();
    }

    /** What was handed out before has grown by what was asked of it: ten times what it was is nothing unusual. */
    private void weighAnew() {
        for (Asked asked = handedOut.poll(); asked != null; asked = handedOut.poll()) {
            Held there = kept.getIfPresent(asked);
            if (there != null && there.answers().kilobytes() > there.kilobytes() + GROWN_KILOBYTES) {
                kept.put(asked, Held.of(there.answers()));
            }
        }
    }

    /** Whether anybody has asked yet. */
    boolean isUsed() {
        return used;
    }
}
