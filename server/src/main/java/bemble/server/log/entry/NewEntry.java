package bemble.server.log.entry;

import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Operation;
import bemble.core.problem.Problem;
import bemble.core.words.Words;
import bemble.server.style.StyleText;
import java.time.OffsetDateTime;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A worked problem that is about to be stored; everything computed comes from the core, never from a client. */
public record NewEntry(UUID reference, OffsetDateTime workedAt, Operation operation, Problem problem, String method,
        String choices, String checkKind, String answer, String working, String checkStatement,
        boolean checkHolds, String label, String note, boolean kept, @Nullable String explanation,
        @Nullable String written) {
    public static NewEntry of(WorkOrder order, UUID reference, OffsetDateTime workedAt, Remarks remarks,
            StyleText styles) {
        Worked worked = Worked.from(order.withCare());
        return new NewEntry(reference, workedAt, worked.problem().operation(), worked.problem(),
                worked.method(), styles.write(order.style()), worked.check().kind(), worked.answer().text(),
                worked.record().inShort(new Words(order.style())), worked.check().statement(),
                worked.check().holds(), remarks.label(), remarks.note(), remarks.kept(), remarks.explanation(), null);
    }

    /** The same as a paper that somebody wrote. */
    public NewEntry written(String state, String answerThere, String found) {
        return new NewEntry(reference, workedAt, operation, problem, method, choices, checkKind, answerThere, found,
                checkStatement, checkHolds, label, note, kept, explanation, state);
    }
}
