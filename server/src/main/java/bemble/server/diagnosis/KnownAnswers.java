package bemble.server.diagnosis;

import bemble.core.diagnosis.Answers;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.slip.KeptRules;
import bemble.core.style.HouseStyle;
import bemble.server.rules.SchoolRules;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The answers that hands come to, kept for the questions asked about last: a class works on the same sheet. */
@Component
public class KnownAnswers {
    private static final int MOST = 300;
    private volatile boolean used;
    private final SchoolRules rules;
    private final Cache<Asked, Answers> kept = Caffeine.newBuilder().maximumSize(MOST).build();

    /** @param method the id of the method it is worked by, or null for the one of the style */
    public record Wanted(Problem problem, @Nullable String method, HouseStyle style) {
        private String methodId() {
            return Methods.find(problem, method, style).name().id();
        }

        private Answers answers(KeptRules rules) {
            return Answers.of(problem, methodId(), rules);
        }
    }

    /** What answers are kept by: with another rule given a name they are others. */
    private record Asked(Problem problem, String method, KeptRules rules) {}

    KnownAnswers(SchoolRules rules) {
        this.rules = rules;
    }

    /** The answers of each question; those not known yet are worked out on all the machine's cores. */
    public List<Answers> of(List<Wanted> wanted) {
        used = true;
        KeptRules known = rules.now();
        return wanted.parallelStream().map(each -> kept.get(new Asked(each.problem(), each.methodId(), known),
                any -> each.answers(known))).toList();
    }

    /** Whether anybody has asked yet. */
    boolean isUsed() {
        return used;
    }
}
