package bemble.server.marking.kept;

import bemble.core.problem.Coded;

/** What an answer is once it is judged. */
public enum AnswerVerdict implements Coded {
    RIGHT,
    WRONG,
    BLANK,
    NOT_REACHED,
    UNCLEAR;

    /** Of an answer that needs no judging. */
    public static AnswerVerdict of(AnswerState said) {
        return valueOf(said.name());
    }
}
