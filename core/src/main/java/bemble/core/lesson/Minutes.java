package bemble.core.lesson;

import bemble.core.lesson.Stage.Kind;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/**
 * How the minutes of a lesson are shared out: the sheet has what it takes, as long as there is room to work together before it;
 * what is left goes first to the parts without which it is no lesson.
 */
final class Minutes {
    private static final List<Kind> BY_WEIGHT = List.of(Kind.TOGETHER, Kind.SHOW, Kind.CLOSE, Kind.MISTAKE, Kind.WRITE);

    private Minutes() {}

    /**
     * Shares out the minutes.
     *
     * @param all how long the lesson is
     * @param sheet how long the sheet takes
     * @return the minutes of each part there is time for; they come to all of it
     */
    static Map<Kind, Integer> of(int all, int sheet) {
        Map<Kind, Integer> shared = new EnumMap<>(Kind.class);
        int together = Kind.TOGETHER.least() + Kind.SHOW.least();
        int alone = Math.min(all, Math.max(Kind.ALONE.least(), Math.min(sheet, all - together)));
        int left = all - alone;
        for (Kind kind : BY_WEIGHT) {
            if (kind.least() <= left) {
                shared.put(kind, kind.least());
                left -= kind.least();
            }
        }
        boolean grown = true;
        while (left > 0 && grown) {
            grown = false;
            for (Kind kind : BY_WEIGHT) {
                if (left > 0 && shared.containsKey(kind) && shared.get(kind) < kind.most()) {
                    shared.merge(kind, 1, Integer::sum);
                    left--;
                    grown = true;
                }
            }
        }
        // Time that no part wants is the quick ones' to check and the slow ones' to finish.
        shared.put(Kind.ALONE, alone + left);
        return shared;
    }
}
