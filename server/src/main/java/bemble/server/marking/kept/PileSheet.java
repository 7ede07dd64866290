package bemble.server.marking.kept;

import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.method.Methods;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A sheet as it is kept with a marking.
 *
 * @param passMark right answers that are enough, or null where it is no quiz
 */
public record PileSheet(String code, List<Problem> problems, @Nullable Integer passMark) {
    /** The problem of one question, counted from 1. */
    public Problem problem(int question) {
        return problems.get(question - 1);
    }

    /** The one with a code among the sheets of a pile; the first where there is none with it. */
    public static PileSheet of(List<PileSheet> sheets, @Nullable String code) {
        return sheets.stream().filter(sheet -> sheet.code().equals(code)).findFirst().orElse(sheets.get(0));
    }

    /** What a problem comes to, as it is written in a style. */
    public static String right(Problem problem, HouseStyle style) {
        return Written.answerBy(Hand.CAREFUL, problem, Methods.find(problem, null, style), style).answer().text();
    }
}
