package bemble.server.diagnosis;

import bemble.core.diagnosis.Diagnosis;
import bemble.core.diagnosis.Item;
import bemble.core.diagnosis.MarkingKey;
import bemble.core.diagnosis.MarkingKey.KeyCode;
import bemble.core.diagnosis.MarkingKey.KeyLine;
import bemble.core.diagnosis.Writer;
import bemble.core.diagnosis.outcome.Answers;
import bemble.core.problem.Problem;
import bemble.core.problem.Punctuation;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Where the school's papers are judged: nobody outside this room asks the core what fits an answer. */
@Component
public class Judge {
    /** Two judgements of one version that rest on the same are equal. */
    public static final int VERSION = Diagnosis.VERSION;

    private final KnownAnswers known;

    Judge(KnownAnswers known) {
        this.known = known;
    }

    /**
     * An answer on a paper.
     *
     * @param given in plain digits with a point; null where it is known to be right
     * @param paper the slip that the working fits, where that is at hand; else null
     */
    public record Given(int question, Problem problem, @Nullable String given, @Nullable String paper) {}

    /** A key to mark books by: the codes, and for each sheet its lines. */
    public record Key(List<KeyCode> codes, List<List<KeyLine>> sheets) {}

    /** Judges the answers of one paper together. */
    public PaperJudgement paper(List<Given> answers, HouseStyle style) {
        List<Answers> outcomes = outcomes(answers.stream().map(Given::problem).toList(), style);
        List<Item> items = new ArrayList<>();
        for (int i = 0; i < answers.size(); i++) {
            items.add(new Item(outcomes.get(i), answers.get(i).given(), answers.get(i).paper()));
        }
        return PaperJudgement.of(Writer.of(items, Punctuation.POINT), answers.stream().map(Given::question).toList());
    }

    /** The key to sheets; its codes are those of the first. */
    public Key key(List<List<Problem>> sheets, HouseStyle style) {
        MarkingKey key = MarkingKey.of(outcomes(sheets.get(0), style));
        return new Key(key.codes(), sheets.stream()
                .map(sheet -> key.linesOf(outcomes(sheet, style), style.point().punctuation())).toList());
    }

    private List<Answers> outcomes(List<Problem> problems, HouseStyle style) {
        return known.of(problems.stream().map(problem -> new KnownAnswers.Wanted(problem, null, style)).toList());
    }
}
