package bemble.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.RunningServer;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.atomic.AtomicInteger;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** A fault in the middle of a save, at each of its statements in turn: nothing is half there, and nothing is said to be done. */
@Tag("slow")
class FaultAtEverySaveTest {
    private static final long SEED = 3_811_938;
    private static final int ROUNDS = 2;
    private static final int STATEMENTS = 3;
    /** What was kept, but for what is worked out behind the screens and what is noted of sessions. */
    private static final String KEPT =
            """
                    select listagg(t.c, ',') within group (order by t.c) from (
                      select 'answers' || count(*) || ' ' || coalesce(sum(ora_hash(state || given || correction || coalesce(cause, ''))), 0) || ' '
                        || coalesce(sum(revision), 0) c from marked_answer
                      union all select 'classes' || count(*) || ' ' || coalesce(sum(ora_hash(name)), 0) from school_class
                      union all select 'pupils' || count(*) || ' ' || coalesce(sum(ora_hash(name || class_id)), 0) from pupil
                      union all select 'piles' || count(*) || ' ' || coalesce(sum(ora_hash(sheets || title)), 0) from marking
                      union all select 'log' || count(*) || ' ' || coalesce(sum(ora_hash(problem || label || note)), 0) from log_entry
                      union all select 'papers' || count(*) from marked_paper
                      union all select 'lines' || count(*) from typed_line
                      union all select 'attempts' || count(*) || ' ' || coalesce(sum(ora_hash(figures)), 0) from attempt
                      union all select 'places' || count(*) || ' ' || coalesce(sum(ora_hash(begun)), 0) from screen_place
                      union all select 'sessions' || count(*) from screen_session
                      union all select 'rules' || count(*) || ' ' || coalesce(sum(ora_hash(name)), 0) from kept_rule
                      union all select 'rulings' || count(*) from ruling
                      union all select 'plans' || count(*) || ' ' || coalesce(sum(revision), 0) from class_plan
                      union all select 'words' || count(*) from page_words) t""";

    /** Fails at the statement of that number which a request writes. */
    @Intercepts(@Signature(type = Executor.class, method = "update", args = {MappedStatement.class, Object.class}))
    public static final class FailingWrites implements Interceptor {
        private static final AtomicInteger LEFT = new AtomicInteger(Integer.MAX_VALUE);

        @Override
        public Object intercept(Invocation invocation) throws Throwable {
            if (Thread.currentThread().getName().startsWith("http-") && LEFT.getAndDecrement() == 1) {
                throw new IllegalStateException("a fault put in by a test");
            }
            return invocation.proceed();
        }
    }

    @Test
    void whatFailsInTheMiddleIsNotHalfThere() {
        try (RunningServer server = RunningServer.startWith(
                empty -> empty.registerBean("failingWrites", FailingWrites.class), "--bemble.demo=true",
                "--logging.level.bemble=off")) {
            Client teacher = Client.demo(server);
            JsonNode description = teacher.get("/api/description").json();
            MadeUpRequests requests = new MadeUpRequests(description, SEED);
            Set<String> failed = new TreeSet<>();
            for (int round = 0; round < ROUNDS * STATEMENTS; round++) {
                for (var path : description.get("paths").properties()) {
                    for (var operation : path.getValue().properties()) {
                        if (operation.getKey().equals("get") || path.getKey().startsWith("/api/account")) {
                            continue;
                        }
                        MadeUpRequests.MadeUp made =
                                requests.of(operation.getKey(), path.getKey(), operation.getValue());
                        String before = server.text(KEPT);
                        FailingWrites.LEFT.set(1 + round % STATEMENTS);
                        Client.Reply reply = made.sentBy(teacher);
                        boolean put = FailingWrites.LEFT.getAndSet(Integer.MAX_VALUE) <= 0;
                        if (put) {
                            assertThat(reply.status()).as("seed %d: %s", SEED, made).isGreaterThanOrEqualTo(400);
                            assertThat(server.text(KEPT)).as("seed %d: %s", SEED, made).isEqualTo(before);
                            failed.add(operation.getKey() + " " + path.getKey());
                        }
                    }
                }
            }
            assertThat(failed).as("requests in whose saves a fault was put").hasSizeGreaterThan(9);
        }
    }
}
