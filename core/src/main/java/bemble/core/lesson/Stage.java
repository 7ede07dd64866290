package bemble.core.lesson;

import bemble.core.problem.Coded;
import bemble.core.problem.Problem;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A part of a lesson.
 *
 * @param minutes how long it takes
 * @param problems what is worked in it, as written
 * @param slip the slip with which a mistake to find is written, else null
 * @param skipped whether it is passed over this time
 */
public record Stage(Kind kind, int minutes, List<Problem> problems, @Nullable String slip, boolean skipped) {
    public Stage {
        problems = List.copyOf(problems);
    }

    /** What happens in a part, in the order of a lesson. */
    public enum Kind implements Coded {
        SHOW("I do", "Work it on the board and say each step; the class watches.", 2, 5),
        MISTAKE("Find the mistake", "Somebody has written this wrong. The class finds where, then it is put right.", 3,
                5),
        TOGETHER("We do", "The board asks for each figure; the class says it.", 4, 10),
        WRITE("You try", "A child comes to the board and writes, figure by figure; the class says right or not.", 3, 6),
        ALONE("Alone", "Everybody works on their own sheet.", 3, Integer.MAX_VALUE),
        CLOSE("To close", "Everybody works it and holds the answer up. Then ask: what must one not forget here?", 2, 3);

        private final String title;
        private final String does;
        private final int least;
        private final int most;

        Kind(String title, String does, int least, int most) {
            this.title = title;
            this.does = does;
            this.least = least;
            this.most = most;
        }

        /** Its name in a few words. */
        public String title() {
            return title;
        }

        /** What is done in it, in a sentence for whoever teaches. */
        public String does() {
            return does;
        }

        /** Under so many minutes it is better left out. */
        int least() {
            return least;
        }

        int most() {
            return most;
        }
    }
}
