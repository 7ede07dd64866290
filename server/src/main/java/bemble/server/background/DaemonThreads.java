package bemble.server.background;

import java.util.concurrent.ThreadFactory;

/** Threads for work in the background, which do not keep Bemble from ending. */
public final class DaemonThreads {
    private DaemonThreads() {}

    /** @param name what the threads are called where one looks at a running server */
    public static ThreadFactory named(String name) {
        return work -> {
            Thread thread = new Thread(work, name);
            thread.setDaemon(true);
            return thread;
        };
    }
}
