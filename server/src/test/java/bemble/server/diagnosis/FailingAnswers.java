package bemble.server.diagnosis;

import bemble.core.diagnosis.outcome.Answers;
import bemble.core.problem.Problem;
import bemble.server.rules.SchoolRules;
import java.util.List;
import org.springframework.context.support.GenericApplicationContext;

/** A judge with a fault in one question. */
public final class FailingAnswers extends KnownAnswers {
    private final Problem faulty;

    private FailingAnswers(SchoolRules rules, Problem faulty) {
        super(rules);
        this.faulty = faulty;
    }

    /** Puts it in the place of the real one. */
    public static void of(GenericApplicationContext context, Problem faulty) {
        context.registerBean("failingAnswers", KnownAnswers.class,
                () -> new FailingAnswers(context.getBean(SchoolRules.class), faulty), bean -> bean.setPrimary(true));
    }

    @Override
    public List<Answers> of(List<Wanted> wanted) {
        if (wanted.stream().anyMatch(each -> each.problem().equals(faulty))) {
            throw new IllegalStateException("a fault put in by a test");
        }
        return super.of(wanted);
    }
}
