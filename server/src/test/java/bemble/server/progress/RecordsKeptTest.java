package bemble.server.progress;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What is kept up of pupils as answers come is the same as what is worked out of all their answers anew. */
@Tag("slow")
class RecordsKeptTest {
    private static final int CHANGES = 20;
    private static final Executor ALL_AT_ONCE = work -> new Thread(work).start();
    private final Random random = new Random(20_261_129);

    @Test
    void keptUpAndWorkedOutAnewAreTheSameWhateverIsDone() {
        try (RunningServer server = RunningServer.start("--bemble.demo=true")) {
            Client teacher = Client.demo(server);
            JsonNode schoolClass = teacher.schoolClass("Curlews");
            String id = schoolClass.get("id").asString();
            List<Long> pupils = new ArrayList<>();
            schoolClass.get("pupils").forEach(pupil -> pupils.add(pupil.get("id").asLong()));
            List<Long> piles = new ArrayList<>();
            teacher.get("/api/markings").json().forEach(pile -> {
                if (pile.get("className").asString().equals("Curlews")) {
                    piles.add(pile.get("id").asLong());
                }
            });
            for (int i = 0; i < CHANGES; i++) {
                String done = change(teacher, pupils.get(random.nextInt(pupils.size())),
                        piles.get(random.nextInt(piles.size())));
                Patience.until(() -> server.count(
                        "select count(*) from marked_answer a join live_marking m on m.id = a.marking_id where a.unjudged") == 0);
                List<JsonNode> kept = seen(teacher, id);
                if (i % 4 == 0) {
                    server.sql("delete from kept_pupil");
                    assertThat(seen(teacher, id)).as("after " + done).isEqualTo(kept);
                }
            }
            assertThat(seen(teacher, id).get(0).get("pupils").toString()).as("something is known of them")
                    .contains("secure", "learning");
        }
    }

    /** With fewer connections than there are requests: who waited in a transaction for another would wait for ever. */
    @Test
    void weeksAreMadeAnewAllAtOnceThoughNothingIsKept() {
        try (RunningServer server = RunningServer.start("--bemble.demo=true",
                "--spring.datasource.hikari.maximum-pool-size=4",
                "--spring.datasource.hikari.connection-timeout=60000")) {
            Client teacher = Client.demo(server);
            String plan = "/api/classes/" + teacher.schoolClass("Curlews").get("id").asString() + "/plan?week="
                    + LocalDate.now().plusWeeks(1);
            JsonNode days = teacher.get(plan).json().get("days");
            for (int round = 0; round < 3; round++) {
                server.sql("delete from kept_pupil");
                assertThat(IntStream.range(0, 12).mapToObj(i -> CompletableFuture
                        .supplyAsync(() -> teacher.send("DELETE", plan, null), ALL_AT_ONCE)).toList()).hasSize(12)
                                .extracting(CompletableFuture::join)
                                .allSatisfy(
                                        reply -> assertThat(reply.json().get("days")).as(reply.text()).isEqualTo(days));
            }
        }
    }

    /** What screens of a class show that rests on what is kept. */
    private static List<JsonNode> seen(Client teacher, String id) {
        return List.of(teacher.get("/api/classes/" + id + "/record").json(),
                teacher.get("/api/classes/" + id + "/plan?week=" + LocalDate.now().plusWeeks(1)).json(),
                teacher.get("/api/classes/" + id + "/report").json().get("pages"),
                teacher.get("/api/today").json().get("due"));
    }

    /** Something that a teacher does; in words, for when it goes wrong. */
    private String change(Client teacher, long pupil, long pile) {
        String paper = "/api/markings/" + pile + "/papers/" + pupil;
        int question = 1 + random.nextInt(6);
        switch (random.nextInt(9)) {
            case 0 -> teacher.send("DELETE", paper + "/answers/" + question, null);
            case 1 -> teacher.post(paper + "/rest", Map.of("state", "right"));
            case 2 -> teacher.send("DELETE", "/api/markings/" + pile, null);
            case 3 -> teacher.post("/api/markings/" + pile + "/restore", Map.of());
            case 4 -> teacher.send("PUT", "/api/markings/" + pile + "/day",
                    "{\"workedOn\":\"" + LocalDate.now().minusDays(random.nextInt(60)) + "\"}");
            case 5 -> teacher.send("PUT", paper + "/cause",
                    "{\"cause\":\"zeros-skipped\",\"questions\":[1,2,3,4,5,6]}");
            case 6 -> teacher.send("PUT", "/api/pupils/" + pupil + "/rungs/subtraction-across-a-zero",
                    "{\"state\":\"secure\",\"reason\":\"seen\"}");
            case 7 -> teacher.post(paper + "/entries",
                    Map.of("key", "key-" + random.nextLong(), "line", question + " = :h"));
            default -> teacher.send("PUT", paper + "/answers/" + question,
                    "{\"state\":\"given\",\"given\":\"" + random.nextInt(900) + "\"}");
        }
        return pupil + " on " + pile + ", question " + question;
    }
}
