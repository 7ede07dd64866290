package bemble.server.diagnosis;

import bemble.core.diagnosis.Answers;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import org.springframework.stereotype.Component;

/** The answers that hands come to, kept for the questions asked about last: a class works on the same sheet. */
@Component
public class KnownAnswers {
    private static final int MOST = 300;
    private volatile boolean used;
    private final Cache<String, Answers> kept = Caffeine.newBuilder().maximumSize(MOST).build();

    /** @param method the id of the method it is worked by, or null for the one of the style */
    public record Wanted(Problem problem, String method, HouseStyle style) {
        private String methodId() {
            return Methods.find(problem, method, style).name().id();
        }

        private String key() {
            return problem.text() + " " + methodId();
        }

        private Answers answers() {
            return Answers.of(problem, methodId());
        }
    }

    /** The answers of each question; those not known yet are worked out on all the machine's cores. */
    public List<Answers> of(List<Wanted> wanted) {
        used = true;
        return wanted.parallelStream().map(each -> kept.get(each.key(), any -> each.answers())).toList();
    }

    /** Whether anybody has asked yet. */
    boolean isUsed() {
        return used;
    }
}
