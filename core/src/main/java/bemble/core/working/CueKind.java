package bemble.core.working;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/**
 * What a teacher can have a cue for: a kind of step, or a kind of step in a certain case, whose cue goes before that of its kind.
 *
 * @param id the name under which a cue is kept
 * @param label what a teacher calls it
 */
public record CueKind(String id, String label) {
    private static final CueKind AGAIN = new CueKind("divide-again", "division: again from the start");
    private static final CueKind PLAIN = new CueKind("difference-plain", "taking away in a column without an exchange");
    private static final CueKind EXCHANGED =
            new CueKind("difference-exchanged", "taking away in a column after its exchange");

    /** All of them, the cases behind the kinds of steps. */
    public static final List<CueKind> ALL = Stream.concat(
            Arrays.stream(StepKind.values()).map(kind -> new CueKind(kind.id(), kind.label())),
            Stream.of(AGAIN, PLAIN, EXCHANGED)).toList();

    /**
     * Whose cues are said in a step, the first that there is.
     *
     * @param steps the steps of its working, in order
     */
    public static List<String> of(Step step, List<Step> steps) {
        Stream<Step> before = steps.stream().takeWhile(each -> each.n() < step.n())
                .filter(each -> each.part() == step.part() && each.block() == step.block());
        CueKind ofCase = switch (step.kind()) {
            case DIVIDE -> before.anyMatch(each -> each.kind() == StepKind.DIVIDE) ? AGAIN : null;
            case DIFFERENCE -> before.anyMatch(
                    each -> each.kind() == StepKind.EXCHANGE && Objects.equals(step.place(), each.place())) ? EXCHANGED
                            : PLAIN;
            default -> null;
        };
        return ofCase == null ? List.of(step.kind().id()) : List.of(ofCase.id(), step.kind().id());
    }
}
