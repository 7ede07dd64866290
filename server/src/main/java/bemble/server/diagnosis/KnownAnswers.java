package bemble.server.diagnosis;

import bemble.core.diagnosis.Answers;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.server.faults.Busy;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** The answers that hands come to, kept for the questions asked about last: a class works on the same sheet. */
@Component
public class KnownAnswers {
    private static final int MOST = 300;
    private static final long LONGEST_WAIT_SECONDS = 5;
    private final ReentrantLock reading = new ReentrantLock(true);
    private volatile boolean used;
    private final Map<String, Answers> kept = new LinkedHashMap<>(16, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, Answers> eldest) {
            return size() > MOST;
        }
    };

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
        return read(() -> {
            Map<String, Wanted> missing = new LinkedHashMap<>();
            List<String> keys = wanted.stream().map(Wanted::key).toList();
            for (int i = 0; i < keys.size(); i++) {
                if (!kept.containsKey(keys.get(i))) {
                    missing.put(keys.get(i), wanted.get(i));
                }
            }
            Map<String, Answers> found = missing.entrySet().parallelStream()
                    .collect(Collectors.toConcurrentMap(Map.Entry::getKey, entry -> entry.getValue().answers()));
            keys.forEach(key -> found.computeIfAbsent(key, kept::get));
            kept.putAll(found);
            return keys.stream().map(found::get).toList();
        });
    }

    /**
     * Runs what reads answers; one at a time, since each takes all the machine's cores.
     *
     * @throws Busy where it would take too long until it is one's turn
     */
    public <T> T read(Supplier<T> reader) {
        used = true;
        try {
            if (!reading.tryLock(LONGEST_WAIT_SECONDS, TimeUnit.SECONDS)) {
                throw new Busy("Many answers are being judged just now. Try again in a few seconds.", LONGEST_WAIT_SECONDS);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new Busy("Bemble is being stopped. Try again later.", LONGEST_WAIT_SECONDS);
        }
        try {
            return reader.get();
        } finally {
            reading.unlock();
        }
    }

    /** Whether anybody has asked yet. */
    boolean isUsed() {
        return used;
    }
}
