package bemble.server.diagnosis;

import bemble.core.diagnosis.Answers;
import bemble.core.problem.Problem;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/** The answers that hands come to, kept for the questions asked about last: a class works on the same sheet. */
@Component
public class KnownAnswers {
    private static final int MOST = 300;
    private final Map<String, Answers> kept = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Answers> eldest) {
            return size() > MOST;
        }
    };

    /** The answers of a question worked by a method. */
    public synchronized Answers of(Problem problem, String method) {
        String key = problem.text() + " " + method;
        Answers known = kept.get(key);
        if (known == null) {
            known = Answers.of(problem, method);
            kept.put(key, known);
        }
        return known;
    }

    /** Runs what reads answers; they are worked out further while they are read, so one at a time. */
    public synchronized <T> T read(Supplier<T> reader) {
        return reader.get();
    }
}
