package bemble.core.scan;

import java.util.List;

/**
 * A question as it was read.
 *
 * @param answer the answer, with how sure it is
 * @param answerSquares the squares it stands in
 * @param figures what stands in all squares, those of the answer included as the answer was read
 * @param place where its places were found in the picture
 */
public record QuestionRead(int question, AnswerRead answer, List<ReadSquare> answerSquares, List<FigureRead> figures,
        PagePlace place) {}
