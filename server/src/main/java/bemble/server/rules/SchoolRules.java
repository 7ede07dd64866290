package bemble.server.rules;

import bemble.core.problem.Operation;
import bemble.core.problem.Refusal;
import bemble.core.slip.NamedRules;
import bemble.core.slip.NamedRules.Kept;
import bemble.core.slip.Slips;
import bemble.server.faults.Missing;
import bemble.server.ids.TeacherId;
import bemble.server.limits.Limits;
import bemble.server.rules.KeptRuleMapper.StoredRule;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** The rules that the school knows besides the list; asked for with every judgement, so they are held in memory. */
@Service
public class SchoolRules {
    private final KeptRuleMapper mapper;
    private final Clock clock;
    private final ApplicationEventPublisher events;
    private final AtomicInteger changes = new AtomicInteger();
    private volatile @Nullable NamedRules held;

    SchoolRules(KeptRuleMapper mapper, Clock clock, ApplicationEventPublisher events) {
        this.events = events;
        this.mapper = mapper;
        this.clock = clock;
    }

    /** What is known now. */
    public NamedRules now() {
        NamedRules known = held;
        if (known == null) {
            int before = changes.get();
            // A rule of an earlier language that nobody can read any more is left out, not a reason to judge nothing.
            known = new NamedRules(mapper.all().stream()
                    .filter(stored -> Slips.find(stored.rule(), stored.operation()).isPresent())
                    .map(stored -> new Kept(stored.rule(), stored.operation(), stored.name())).toList());
            // What was read while the list changed is not held.
            if (before == changes.get()) {
                held = known;
            }
        }
        return known;
    }

    List<StoredRule> all() {
        return mapper.all();
    }

    @Transactional
    void keep(TeacherId teacherId, String rule, Operation operation, @Nullable String name) {
        Kept kept = Kept.of(rule, operation, name);
        if (!now().has(kept.rule(), kept.operation()) && now().rules().size() >= Limits.NAMED_RULES) {
            throw Refusal.of("rule",
                    "The school has " + Limits.NAMED_RULES
                            + " rules under names of its own. Take one off the list first.");
        }
        mapper.keep(kept.rule(), kept.operation(), kept.name(), teacherId);
        changed();
    }

    /** What is held in memory is let go once the change can be seen; who reads before keeps what was known before. */
    private void changed() {
        events.publishEvent(new RulesChanged());
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                changes.incrementAndGet();
                held = null;
            }
        });
    }

    @Transactional
    void delete(long id) {
        if (mapper.delete(id, OffsetDateTime.now(clock)) == 0) {
            throw new Missing("This rule is not on the list any more.");
        }
        changed();
    }

    @Transactional
    void restore(long id) {
        if (mapper.restore(id) == 0) {
            throw new Missing("This rule was never on the list.");
        }
        changed();
    }
}
