package bemble.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.ids.TeacherId;
import bemble.server.log.entry.LogMapper;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The newest of a long list are read off its index: a school's year is not sorted to show a page of it. */
@ExtendWith(DemoServer.class)
class PlansTest {
    private final RunningServer server;

    PlansTest(RunningServer server) {
        this.server = server;
    }

    @Test
    void theNewestEntriesOfTheLogAreReadOffTheIndex() {
        for (String pattern : new String[] {"%%", "%487%"}) {
            for (Boolean pupils : new Boolean[] {null, true, false}) {
                assertThat(server.plan(LogMapper.class, "search", parameters(pattern, pupils)))
                        .contains("LOG_ENTRY_WORDS: TEACHER_ID = ").contains("index sorted");
            }
        }
    }

    @Test
    void theLastEntryIsReadOffTheIndex() {
        assertThat(server.plan(LogMapper.class, "lastWorked", Map.of("teacherId", new TeacherId(1))))
                .contains("LOG_ENTRY_WRITTEN: TEACHER_ID = ").contains("index sorted");
    }

    private static Map<String, Object> parameters(String pattern, Boolean pupils) {
        Map<String, Object> parameters = new HashMap<>(
                Map.of("teacherId", new TeacherId(1), "pattern", pattern, "offset", 0, "most", 100));
        parameters.put("pupils", pupils);
        return parameters;
    }
}
