package bemble.server.marking.kept;

import bemble.core.problem.Coded;
import java.util.Locale;

/** What an answer is once it is judged. */
public enum AnswerVerdict implements Coded {
    RIGHT, WRONG, BLANK, NOT_REACHED, UNCLEAR;

    /** Of an answer that needs no judging. */
    static AnswerVerdict of(AnswerState said) {
        return valueOf(said.name());
    }

    @Override
    public String id() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
