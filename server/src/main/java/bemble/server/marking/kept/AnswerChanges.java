package bemble.server.marking.kept;

import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.rules.RulesChanged;
import bemble.server.style.HowCodesChanged;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Whoever changes an answer, or what it means, says so here: what was worked out of it is old then.
 *
 * <p>The count goes up in the transaction that makes the change, so that others see both at the same moment. It is written
 * last, for all pupils of the transaction at once and in the order of their numbers, so that two transactions never wait for
 * each other crosswise.
 */
@Component
public class AnswerChanges {
    private final AnswerChangeMapper counts;
    private final ApplicationEventPublisher events;

    AnswerChanges(AnswerChangeMapper counts, ApplicationEventPublisher events) {
        this.counts = counts;
        this.events = events;
    }

    public void ofPupil(PupilId pupilId) {
        of(List.of(pupilId));
    }

    /** All answers of a pile: its day, or whether it is there at all. */
    void inMarking(MarkingId markingId) {
        of(counts.inMarking(markingId));
    }

    /** Which codes say that somebody helped decides which answers count. */
    @EventListener
    void codes(HowCodesChanged changed) {
        of(counts.ofTeacher(changed.teacherId()));
    }

    /** A cause counts as a slip of the procedure as long as the school has a name for it. */
    @EventListener
    void rules(RulesChanged changed) {
        of(counts.all());
    }

    public void of(Collection<PupilId> pupilIds) {
        if (!TransactionSynchronizationManager.isActualTransactionActive()) {
            count(new TreeSet<>(pupilIds));
            return;
        }
        Pending pending = (Pending) TransactionSynchronizationManager.getResource(this);
        if (pending == null) {
            pending = new Pending();
            TransactionSynchronizationManager.bindResource(this, pending);
            TransactionSynchronizationManager.registerSynchronization(pending);
        }
        pending.pupils.addAll(pupilIds);
    }

    private void count(Set<PupilId> pupils) {
        if (!pupils.isEmpty()) {
            counts.count(pupils);
            events.publishEvent(new AnswersChanged());
        }
    }

    /** The pupils whose answers a transaction has changed so far. */
    private final class Pending implements TransactionSynchronization {
        private final Set<PupilId> pupils = new TreeSet<>();

        @Override
        public void beforeCommit(boolean readOnly) {
            count(pupils);
        }

        @Override
        public void suspend() {
            TransactionSynchronizationManager.unbindResource(AnswerChanges.this);
        }

        @Override
        public void resume() {
            TransactionSynchronizationManager.bindResource(AnswerChanges.this, this);
        }

        @Override
        public void afterCompletion(int status) {
            TransactionSynchronizationManager.unbindResourceIfPossible(AnswerChanges.this);
        }
    }
}
