package bemble.core.practice;

import bemble.core.practice.features.FeaturedProblem;
import java.util.List;

/** How long questions take a pupil, as nearly as a teacher needs to plan a lesson. */
public final class Effort {
    /** To copy a question, set it out and look over it. */
    private static final int SECONDS_A_QUESTION = 30;
    private static final int SECONDS_A_FIGURE = 5;
    private static final int SECONDS_A_MINUTE = 60;

    private Effort() {}

    /** Minutes for one pupil who is neither quick nor slow, rounded up. */
    public static int minutes(List<FeaturedProblem> questions) {
        int seconds = questions.stream()
                .mapToInt(question -> SECONDS_A_QUESTION + SECONDS_A_FIGURE * question.features().figures()).sum();
        return (seconds + SECONDS_A_MINUTE - 1) / SECONDS_A_MINUTE;
    }
}
