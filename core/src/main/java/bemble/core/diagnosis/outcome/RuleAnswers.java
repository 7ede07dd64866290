package bemble.core.diagnosis.outcome;

import bemble.core.entry.RightAnswer;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.hand.slipped.Limit;
import bemble.core.hand.slipped.Slip;
import bemble.core.slip.Rules;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * What the rules that are on no list, and the members of families, come to in one question: one hand each. Worked out once, and never
 * changed afterwards. In a question that takes long they are not tried.
 */
final class RuleAnswers {
    /** Workings with more decisions are not tried with every rule. */
    private static final int MOST_DECISIONS = 300;

    private final boolean tried;
    private final Map<Hypothesis, String> answers = new HashMap<>();
    private final Map<String, List<Hypothesis>> leading = new HashMap<>();

    RuleAnswers(Trials trials, List<KnownSlip> slips, SingleSlips singles, RightAnswer right) {
        tried = areTried(trials);
        if (!tried) {
            return;
        }
        Stream<KnownSlip> limited = slips.stream().filter(slip -> slip.family() == null && !Rules.isRule(slip.id()))
                .flatMap(slip -> Arrays.stream(Limit.values()).map(limit -> Rules.limited(slip, limit)));
        Stream.concat(Rules.of(trials.method().name()).stream(), limited).filter(rule -> !singles.has(rule.id()))
                .forEach(rule -> note(Hypothesis.of(rule.id()), rule.slip(), trials, right));
        for (KnownSlip slip : slips) {
            if (slip.members() != null) {
                slip.members().apply(trials.problem()).forEach(
                        (member, hand) -> note(Hypothesis.of(slip.id(), member), hand, trials, right));
            }
        }
    }

    /** Whether rules are tried in a question. */
    static boolean areTried(Trials trials) {
        return trials.decisions() <= MOST_DECISIONS;
    }

    private void note(Hypothesis hypothesis, Slip hand, Trials trials, RightAnswer right) {
        String key = Trials.keyOf(trials.written(hand, HouseStyle.USUAL));
        if (key != null && !right.is(key)) {
            answers.put(hypothesis, key);
            leading.computeIfAbsent(key, any -> new ArrayList<>()).add(hypothesis);
        }
    }

    /** What a rule or a member comes to; null where that is the right answer, or not known. */
    @Nullable
    String of(Hypothesis hypothesis) {
        return answers.get(hypothesis);
    }

    /** Those that lead to an answer. */
    List<Hypothesis> leadingTo(String key) {
        return leading.getOrDefault(key, List.of());
    }

    /** How many entries are held. */
    long entries() {
        return 2L * answers.size();
    }
}
