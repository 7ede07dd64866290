package bemble.server.diagnosis;

import bemble.core.diagnosis.DiagnosisWords;
import bemble.core.diagnosis.Finding;
import bemble.core.diagnosis.Judged;
import bemble.core.hand.Stuck;
import bemble.core.order.WorkOrder;
import bemble.core.order.Worked;
import bemble.core.problem.Refusal;
import bemble.core.slip.NamedRules;
import bemble.core.style.HouseStyle;
import bemble.server.work.WorkResponse;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * An answer as it is judged.
 *
 * @param unknown how likely neither what is found nor chance led to it, from 0 to 1
 * @param say what is to be said of it in a sentence; nothing of an answer that is right
 */
public record DiagnoseResponse(
        @NotNull String verdict,
        @Nullable Integer firstWrongPlace,
        @NotNull List<DiagnosedView> findings,
        @NotNull double unknown,
        @NotNull String say) {
    /** Of numbers longer than this only the likeliest cause is sent with its working. */
    private static final int LONG_NUMBER = 12;

    /**
     * A cause that fits the answer.
     *
     * @param with the second slip, where there are two
     * @param name the cause in a few words
     * @param label what the hand does, and of a rule worked out that it was
     * @param sureness how sure it is, in a word: fits, likely, all but sure; of one answer alone it only fits
     * @param places where the rule itself was broken
     * @param working the presumed writing, slip and all
     */
    public record DiagnosedView(@NotNull String slip, @Nullable String with, @NotNull String name,
            @NotNull String label,
            @NotNull List<Integer> places,
            @NotNull double confidence, @NotNull String sureness, @NotNull String say,
            @Nullable WorkResponse working) {}

    static DiagnoseResponse of(Judged judged, WorkOrder order, boolean workings, NamedRules kept) {
        boolean large = order.problem().operands().stream().anyMatch(number -> number.length() > LONG_NUMBER);
        List<DiagnosedView> views = new ArrayList<>();
        for (Finding finding : judged.findings()) {
            boolean shown = workings && (views.isEmpty() || !large);
            views.add(new DiagnosedView(finding.slip(), finding.with(),
                    kept.name(finding.slips(), order.problem().operation()),
                    DiagnosisWords.label(finding.slips(), order.problem()), finding.places(),
                    finding.confidence(), workings ? "fits" : DiagnosisWords.sureness(finding.confidence()),
                    finding.say(),
                    shown ? working(finding, order) : null));
        }
        return new DiagnoseResponse(judged.verdict().id(), judged.firstWrongPlace(), views, judged.unknown(),
                judged.say());
    }

    private static @Nullable WorkResponse working(Finding finding, WorkOrder order) {
        HouseStyle style = finding.style().equals(HouseStyle.USUAL) ? order.style() : order.style().keepingOrder();
        WorkOrder again = new WorkOrder(order.problem(), order.method(), style, null);
        try {
            return WorkResponse.of(Worked.by(finding.hand(), again, finding.slip(), finding.with()));
        } catch (Stuck | Refusal notInThisStyle) {
            // Set out in another order the same hand may get stuck; the finding stands without its picture.
            return null;
        }
    }
}
