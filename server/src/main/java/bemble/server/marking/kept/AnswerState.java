package bemble.server.marking.kept;

import bemble.core.problem.Coded;

/** What whoever marks says of an answer; where it is given, it is judged by what stands there. */
public enum AnswerState implements Coded {
    RIGHT,
    GIVEN,
    BLANK,
    NOT_REACHED,
    UNCLEAR;
}
