package bemble.core.practice;

import bemble.core.fact.TableFact;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import java.util.ArrayList;
import java.util.List;

/** Two minutes of facts: each one that is missed comes again and again, with its neighbours between. */
public final class FactRound {
    /** What is answered in about two minutes. */
    public static final int QUESTIONS = 24;

    private FactRound() {}

    /**
     * The questions in their order: every other one is a fact that is wanted, now one way round and now the other; the one after
     * it stands beside it in the table.
     *
     * @param wanted facts of one table, at least one
     */
    public static List<Problem> of(List<TableFact> wanted) {
        List<Problem> round = new ArrayList<>();
        for (int i = 0; round.size() < QUESTIONS; i++) {
            TableFact fact = wanted.get(i % wanted.size());
            boolean again = i / wanted.size() % 2 == 1;
            round.add(problem(again ? fact.turned() : fact));
            round.add(problem(beside(fact, i / wanted.size())));
        }
        return round;
    }

    /** One more, or one less, in either place; never beyond the table. */
    private static TableFact beside(TableFact fact, int turn) {
        int by = turn % 2 == 0 ? -1 : 1;
        return turn / 2 % 2 == 0 ? new TableFact(fact.table(), fact.one(), within(fact.other(), by))
                : new TableFact(fact.table(), within(fact.one(), by), fact.other());
    }

    private static int within(int number, int by) {
        return number + by < 1 || number + by > TableFact.MOST ? number - by : number + by;
    }

    private static Problem problem(TableFact fact) {
        return ProblemText.kept(fact.text());
    }
}
