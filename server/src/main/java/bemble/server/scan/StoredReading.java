package bemble.server.scan;

import org.jspecify.annotations.Nullable;

/**
 * What was read for a question.
 *
 * @param said the answer as it is taken
 * @param ink the answer by the ink alone
 * @param sure how sure the reading is, from 0 to 1
 * @param doubtful whether it waits to be confirmed
 * @param slip the slip that the whole paper fits, or null
 * @param squares what the net said of the squares of the answer, for the hand to be learnt from once it is confirmed; see {@link AnswerSquares}
 */
record StoredReading(int page, int question, String said, String ink, double sure, boolean doubtful,
        @Nullable String slip,
        @Nullable Integer marksGiven, @Nullable Integer marksOf, byte[] squares) {
    /** The same once a teacher has said what stands there; where that is something else, the working was misread with it. */
    StoredReading confirmed(String other) {
        boolean same = other.equals(said);
        return new StoredReading(page, question, other, ink, sure, false, same ? slip : null, same ? marksGiven : null,
                same ? marksOf : null, squares);
    }
}
