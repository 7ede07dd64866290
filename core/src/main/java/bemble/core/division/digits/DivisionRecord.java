package bemble.core.division.digits;

import bemble.core.hand.Decision;
import bemble.core.hand.WorkRecord;
import bemble.core.stack.Left;
import bemble.core.stack.Times;
import bemble.core.words.Words;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/** A division digit by digit, stage by stage. */
public record DivisionRecord(List<DivisionStage> stages) implements WorkRecord {
    public DivisionRecord {
        stages = List.copyOf(stages);
    }

    /** Read off the decisions; a digit of 0 gives nothing out and leaves all. */
    static DivisionRecord of(List<Decision<?>> decisions) {
        List<DivisionStage> stages = new ArrayList<>();
        Goes goes = null;
        int digit = 0;
        BigInteger product = BigInteger.ZERO;
        BigInteger left = BigInteger.ZERO;
        for (Decision<?> decision : decisions) {
            if (decision.asked() instanceof Goes next) {
                if (goes != null) {
                    stages.add(stage(goes, digit, product, left));
                }
                goes = next;
                digit = (Integer) decision.decided();
                product = BigInteger.ZERO;
                left = goes.partial();
            } else if (decision.asked() instanceof Times) {
                product = (BigInteger) decision.decided();
            } else if (decision.asked() instanceof Left || decision.asked() instanceof PassedOn) {
                left = (BigInteger) decision.decided();
            }
        }
        if (goes != null) {
            stages.add(stage(goes, digit, product, left));
        }
        return new DivisionRecord(stages);
    }

    private static DivisionStage stage(Goes goes, int digit, BigInteger product, BigInteger left) {
        return new DivisionStage(goes.place(), goes.partial().toString(), digit, product.toString(), left.toString());
    }

    @Override
    public String inShort(Words words) {
        return WorkRecord.listed("left", stages.stream().map(DivisionStage::difference).toList());
    }
}
