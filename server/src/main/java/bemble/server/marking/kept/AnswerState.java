package bemble.server.marking.kept;

import bemble.core.problem.Coded;
import java.util.Locale;

/** What whoever marks says of an answer; where it is given, it is judged by what stands there. */
public enum AnswerState implements Coded {
    RIGHT, GIVEN, BLANK, NOT_REACHED, UNCLEAR;

    @Override
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
