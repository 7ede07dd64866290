package bemble.server.lesson;

import bemble.core.practice.features.FeaturedProblem;
import bemble.server.ids.SetId;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a lesson is about.
 *
 * @param shown problems its teacher chose to show; empty where they are drawn
 * @param together problems its teacher chose to work together; empty where they are drawn
 * @param sheet what is done alone
 * @param slip the slip it is about, or null
 * @param minutes how long a lesson is where nothing else is said
 * @param setId the set of what is done alone, or null where none was made
 */
record LessonSubject(String title, String aside, List<FeaturedProblem> shown, List<FeaturedProblem> together,
        List<FeaturedProblem> sheet,
        @Nullable String slip,
        int minutes, @Nullable SetId setId, Worked worked) {
    /** Draws the problems for the board: like those of the sheet, and none of them. */
    interface Worked {
        List<FeaturedProblem> draw(long seed);
    }
}
