package bemble.server.screens;

import bemble.server.ids.SessionId;
import bemble.server.background.DaemonThreads;
import bemble.server.screens.ScreenViews.SessionView;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Sends who watches a session how it stands: at once, and after each change; many changes together are sent as one. */
@Component
class Watching {
    private static final long GATHERED_MILLISECONDS = 700;
    private static final long LONGEST_MILLISECONDS = TimeUnit.MINUTES.toMillis(30);
    private static final int MOST_OF_A_SESSION = 20;

    private record Watcher(SseEmitter emitter, Supplier<SessionView> view) {}

    private final Map<SessionId, List<Watcher>> watchers = new ConcurrentHashMap<>();
    private final Set<SessionId> changed = ConcurrentHashMap.newKeySet();
    private final ScheduledExecutorService sender =
            Executors.newSingleThreadScheduledExecutor(DaemonThreads.named("watching"));

    SseEmitter watch(SessionId sessionId, Supplier<SessionView> view) {
        SseEmitter emitter = new SseEmitter(LONGEST_MILLISECONDS);
        Watcher watcher = new Watcher(emitter, view);
        List<Watcher> here = watchers.computeIfAbsent(sessionId, any -> new CopyOnWriteArrayList<>());
        Runnable gone = () -> here.remove(watcher);
        emitter.onCompletion(gone);
        emitter.onTimeout(emitter::complete);
        emitter.onError(any -> gone.run());
        if (here.size() >= MOST_OF_A_SESSION) {
            end(here.remove(0).emitter());
        }
        here.add(watcher);
        sender.execute(() -> send(watcher));
        return emitter;
    }

    /** Who looks is shown what was saved: what is on its way, or taken back, is nothing yet. */
    @TransactionalEventListener(fallbackExecution = true)
    void changed(SessionChanged change) {
        SessionId sessionId = change.sessionId();
        if (watchers.containsKey(sessionId) && changed.add(sessionId)) {
            sender.schedule(() -> {
                changed.remove(sessionId);
                watchers.getOrDefault(sessionId, List.of()).forEach(this::send);
            }, GATHERED_MILLISECONDS, TimeUnit.MILLISECONDS);
        }
    }

    private void send(Watcher watcher) {
        try {
            watcher.emitter().send(SseEmitter.event().data(watcher.view().get(), MediaType.APPLICATION_JSON));
        } catch (IOException | RuntimeException gone) {
            end(watcher.emitter());
        }
    }

    /** Who has gone already is told nothing. */
    private static void end(SseEmitter emitter) {
        try {
            emitter.complete();
        } catch (RuntimeException gone) {
            // The connection is closed, which is what was wanted.
        }
    }

    @PreDestroy
    void stop() {
        sender.shutdownNow();
        watchers.values().forEach(here -> here.forEach(watcher -> end(watcher.emitter())));
    }
}
