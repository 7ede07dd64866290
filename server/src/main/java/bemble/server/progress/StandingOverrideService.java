package bemble.server.progress;

import bemble.core.practice.Ladder;
import bemble.core.problem.Refusal;
import bemble.core.progress.State;
import bemble.server.faults.Missing;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.limits.Limits;
import bemble.server.progress.StandingOverrideMapper.StandingOverride;
import bemble.server.storage.Turns;
import java.util.Arrays;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What teachers say of their pupils over the rule, with the reason why. */
@Service
public class StandingOverrideService {

    private final Turns turns;
    private final RecordService records;
    private final StandingOverrideMapper rulings;

    StandingOverrideService(RecordService records, StandingOverrideMapper rulings, Turns turns) {
        this.turns = turns;
        this.records = records;
        this.rulings = rulings;
    }

    /**
     * Keeps what the teacher says of a pupil on a rung; it stands until it is taken back.
     *
     * @throws Refusal where the rung, the state or the reason is missing
     */
    @Transactional
    void rule(TeacherId teacherId, PupilId pupilId, String rung, String state, String reason) {
        turns.of(teacherId);
        records.pupil(teacherId, pupilId);
        keepRuling(pupilId, rung, state, reason);
    }

    /** The same of a pupil who is on the way in; whose they are is known to who asks. */
    public void keepRuling(PupilId pupilId, String rung, String state, String reason) {
        if (Ladder.find(rung).isEmpty()) {
            throw new Missing("There is no such step. The ladders show which there are.");
        }
        State said = Arrays.stream(State.values()).filter(each -> each.id().equals(state)).findFirst()
                .orElseThrow(() -> Refusal.of("state", "Say not-tried, learning, secure or due."));
        if (reason == null || reason.isBlank() || reason.strip().length() > Limits.REASON_LETTERS) {
            throw Refusal.of("reason", "Say in a few words why, so that it is known later.");
        }
        rulings.keep(new StandingOverride(pupilId, rung, said.name(), reason.strip(), records.today()));
    }

    @Transactional
    void unrule(TeacherId teacherId, PupilId pupilId, String rung) {
        turns.of(teacherId);
        records.pupil(teacherId, pupilId);
        rulings.remove(pupilId, rung);
    }
}
