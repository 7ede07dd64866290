package bemble.server.log;

import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.style.HouseStyle;
import bemble.core.order.WorkOrder;
import bemble.server.account.DemoTeacher;
import bemble.server.style.StyleText;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts a few days of Lantern Quay School into the demo teacher's log. */
@Component
@Order(2)
class DemoLog implements ApplicationRunner {
    /** Hours before the first start, the problem, and the remarks. */
    private record Sample(int hoursAgo, String problem, Remarks remarks) {}

    private static final List<Sample> SAMPLES = List.of(
            new Sample(150, "36 + 48", new Remarks("Terns, Tuesday", "Crates of apples on the morning ferry.", false, "", null)),
            new Sample(149, "257 + 168", new Remarks("Terns, Tuesday", "", false, "", null)),
            new Sample(126, "86 + 947 + 58", new Remarks("Curlews, Wednesday", "Unlike lengths: ones under ones.", true, "", null)),
            new Sample(125, "4738 + 1967", new Remarks("Curlews, Wednesday", "Roof slates for both boat sheds.", false, "", null)),
            new Sample(78, "67.4 + 8.95", new Remarks("Curlews, Friday", "Metres of rope, point under point.", true, "", null)),
            new Sample(5, "99 + 99 + 99 + 99 + 99 + 99 + 99 + 99 + 99 + 99 + 99 + 99",
                    new Remarks("", "A carry above nine.", false, "", null)),
            new Sample(4, "2075 + 9486", new Remarks("Terns, lamp oil", "", false, "", null)));

    private final DemoTeacher demo;
    private final LogService log;
    private final StyleText styles;
    private final Clock clock;

    DemoLog(DemoTeacher demo, LogService log, StyleText styles, Clock clock) {
        this.demo = demo;
        this.log = log;
        this.styles = styles;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        demo.idIfJustCreated().ifPresent(teacherId -> log.take(teacherId, entries()));
    }

    private List<ReadEntry> entries() {
        OffsetDateTime now = OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES);
        List<ReadEntry> entries = new ArrayList<>();
        for (Sample sample : SAMPLES) {
            WorkOrder order = new WorkOrder(ProblemText.read(sample.problem(), 0, Punctuation.POINT), null,
                    HouseStyle.USUAL, null);
            entries.add(new ReadEntry(NewEntry.of(order, UUID.randomUUID(), now.minusHours(sample.hoursAgo()),
                    sample.remarks(), styles), null));
        }
        return entries;
    }
}
