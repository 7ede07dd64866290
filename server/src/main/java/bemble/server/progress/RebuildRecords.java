package bemble.server.progress;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Throws away what is kept of pupils and works all of it out of their answers again, for whoever doubts it. */
@Component
@ConditionalOnProperty("bemble.rebuild-records")
class RebuildRecords implements ApplicationRunner {
    private final KeptRecords records;

    RebuildRecords(KeptRecords records) {
        this.records = records;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        records.throwAway();
        int all = 0;
        int some = records.bringSomeUpToDate();
        while (some > 0) {
            all += some;
            some = records.bringSomeUpToDate();
        }
        System.out.println("The records of " + all + (all == 1 ? " pupil" : " pupils") + " are worked out anew.");
    }
}
