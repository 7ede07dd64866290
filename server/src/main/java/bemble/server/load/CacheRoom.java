package bemble.server.load;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.Weigher;

/**
 * How much of the heap is held only to be quick. Each cache is bounded by what it weighs, never by how many things are in it, and all
 * together leave more than half of the heap to what is worked.
 */
public enum CacheRoom {
    /** What known hands come to in the questions asked about last. */
    ANSWERS(14, 40),
    /** How papers were judged. */
    JUDGEMENTS(8, 24),
    /** Where pupils stand. */
    RECORDS(5, 16),
    /** Weeks that were planned. */
    PLANS(5, 12),
    /** On which rung a question is. */
    RUNGS(2, 6),
    /** The small facts that questions rest on. */
    FACTS(2, 4),
    /** Sheets with what is right on them. */
    SHEETS(2, 6),
    /** Commands and how they were answered. */
    COMMANDS(1, 4);

    private static final int KILOBYTE = 1024;
    private static final int PERCENT = 100;

    private final int percent;
    private final int mostMegabytes;

    CacheRoom(int percent, int mostMegabytes) {
        this.percent = percent;
        this.mostMegabytes = mostMegabytes;
    }

    /** How many kilobytes it may take of a heap of so many. */
    public long kilobytes(long heapKilobytes) {
        return Math.min(heapKilobytes * percent / PERCENT, (long) mostMegabytes * KILOBYTE);
    }

    /**
     * A cache within this room.
     *
     * @param weigher about how many kilobytes an entry takes
     */
    public <K, V> Cache<K, V> cache(Weigher<K, V> weigher) {
        return builder(weigher).build();
    }

    /** The same, to be told more of. */
    public <K, V> Caffeine<K, V> builder(Weigher<K, V> weigher) {
        return Caffeine.newBuilder().maximumWeight(kilobytes(Runtime.getRuntime().maxMemory() / KILOBYTE))
                .weigher(weigher);
    }
}
