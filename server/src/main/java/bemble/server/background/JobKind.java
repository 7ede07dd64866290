package bemble.server.background;

/** What is worked as a job, and how many of them may wait. */
public enum JobKind {
    /** Each file is held in memory while it waits; most are taken in before anybody would look how far they are. */
    FILE(new WorkQueue.Kind("files", "Takes in class files and logs", 1, Integer.MAX_VALUE, true, false), 2, 2, 1200,
            "Other files are being taken in just now. Try again in half a minute.", 30),
    PRINT(new WorkQueue.Kind("prints", "Writes the files of prints", 2, Integer.MAX_VALUE, false, false), 60, 12, 0,
            "Many prints are waiting already. Print this one when some of them are done.", 20);

    private final WorkQueue.Kind queue;
    private final int mostWaiting;
    private final int mostOfOneTeacher;
    private final long patienceMillis;
    private final String busy;
    private final long askAgainSeconds;

    JobKind(WorkQueue.Kind queue, int mostWaiting, int mostOfOneTeacher, long patienceMillis, String busy,
            long askAgainSeconds) {
        this.queue = queue;
        this.mostWaiting = mostWaiting;
        this.mostOfOneTeacher = mostOfOneTeacher;
        this.patienceMillis = patienceMillis;
        this.busy = busy;
        this.askAgainSeconds = askAgainSeconds;
    }

    WorkQueue.Kind queue() {
        return queue;
    }

    int mostWaiting() {
        return mostWaiting;
    }

    int mostOfOneTeacher() {
        return mostOfOneTeacher;
    }

    /** How long whoever begins it is kept waiting for its end. */
    long patienceMillis() {
        return patienceMillis;
    }

    /** What is said where too many wait. */
    String busy() {
        return busy;
    }

    long askAgainSeconds() {
        return askAgainSeconds;
    }
}
