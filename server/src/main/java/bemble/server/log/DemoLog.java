package bemble.server.log;

import bemble.core.order.WorkOrder;
import bemble.core.problem.ProblemText;
import bemble.core.style.HouseStyle;
import bemble.server.account.DemoCalendar;
import bemble.server.account.DemoTeacher;
import bemble.server.log.entry.NewEntry;
import bemble.server.log.entry.Remarks;
import bemble.server.style.StyleText;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts a few days of Lantern Quay School into the demo teacher's log. */
@Component
@Order(2)
class DemoLog implements ApplicationRunner {
    /** A lesson of the past, the problem worked in it, and a note. */
    private record Sample(int weeksAgo, int weekday, String time, String problem, String schoolClass, String note,
            boolean kept) {}

    private static final List<Sample> SAMPLES = List.of(
            new Sample(2, 4, "09:15", "36 + 48", "Terns", "Crates of apples on the morning ferry.", false),
            new Sample(2, 4, "09:25", "257 + 168", "Terns", "", false),
            new Sample(2, 5, "10:40", "86 + 947 + 58", "Curlews", "Unlike lengths: ones under ones.", true),
            new Sample(1, 1, "10:35", "4738 + 1967", "Curlews", "Roof slates for both boat sheds.", false),
            new Sample(1, 3, "10:50", "67.4 + 8.95", "Curlews", "Metres of rope, point under point.", true),
            new Sample(1, 3, "11:10", "99 + 99 + 99 + 99 + 99 + 99 + 99 + 99 + 99 + 99 + 99 + 99", "Curlews",
                    "A carry above nine.", false),
            new Sample(1, 5, "09:20", "2075 + 9486", "Terns", "Lamp oil.", false));

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
        List<ReadEntry> entries = new ArrayList<>();
        for (Sample sample : SAMPLES) {
            WorkOrder order = new WorkOrder(ProblemText.kept(sample.problem()), null,
                    HouseStyle.USUAL, null);
            LocalDate day = DemoCalendar.day(clock, sample.weeksAgo(), sample.weekday());
            String label =
                    sample.schoolClass() + ", " + day.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.ENGLISH);
            entries.add(new ReadEntry(
                    NewEntry.of(order, UUID.randomUUID(), DemoCalendar.at(clock, day, LocalTime.parse(sample.time())),
                            new Remarks(label, sample.note(), sample.kept(), "", null), styles),
                    null));
        }
        return entries;
    }
}
