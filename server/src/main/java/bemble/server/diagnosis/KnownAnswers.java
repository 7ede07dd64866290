package bemble.server.diagnosis;

import bemble.core.diagnosis.Answers;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.server.faults.Busy;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
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

    /**
     * The answers of a question; to be asked for while reading only.
     *
     * @param wanted the id of the method it is worked by, or null for the one of the style
     */
    public Answers of(Problem problem, String wanted, HouseStyle style) {
        String method = Methods.find(problem, wanted, style).name().id();
        return read(() -> kept.computeIfAbsent(problem.text() + " " + method, key -> Answers.of(problem, method)));
    }

    /**
     * Runs what reads answers; they are worked out further while they are read, so one at a time.
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
