package bemble.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.RunningServer;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Requests made up from the API's own description, right ones and spoilt ones, for every address there is. */
@Tag("slow")
class ApiFuzzTest {
    private static final long SEED = Long.getLong("bemble.seed", 20_260_311);
    private static final int ROUNDS = Integer.getInteger("bemble.rounds", 4);

    /** What works something out and keeps nothing of it. */
    private static final Set<String> STORES_NOTHING = Set.of("/api/work", "/api/paper", "/api/mark", "/api/nudge",
            "/api/sets/draft", "/api/sets/another", "/api/sets/questions", "/api/sets/telling", "/api/explanation",
            "/api/in/papers/{id}/next", "/api/diagnose", "/api/diagnose/set", "/api/diagnose/next",
            "/api/slips", "/api/estimate", "/api/calculator", "/api/pictures", "/api/rehearse", "/api/in/door",
            "/api/in/leave");

    private static RunningServer server;
    private static JsonNode description;
    private final MadeUpRequests requests = new MadeUpRequests(description, SEED);

    @BeforeAll
    static void begin() {
        server = RunningServer.start("--bemble.demo=true");
        description = Client.demo(server).get("/api/description").json();
    }

    @AfterAll
    static void end() {
        server.close();
    }

    @Test
    void noRequestMakesAFaultOfTheServersOwn() {
        Client teacher = Client.demo(server);
        Map<Integer, Integer> statuses = new HashMap<>();
        for (int round = 0; round < ROUNDS; round++) {
            for (var path : description.get("paths").properties()) {
                for (var operation : path.getValue().properties()) {
                    if (!path.getKey().startsWith("/api/account") && !isLive(operation.getValue())) {
                        Client.Reply reply = send(teacher, operation.getKey(), path.getKey(), operation.getValue());
                        statuses.merge(reply.status(), 1, Integer::sum);
                    }
                }
            }
        }
        assertThat(statuses.keySet()).as("both right and spoilt requests were sent: " + statuses).contains(200, 422,
                404);
    }

    /** What is answered as done is on the disk, or is refused where the disk takes no more: every request that changes something. */
    @Test
    void onAFullDiskNothingIsAnsweredAsSaved() {
        try (RunningServer full = RunningServer.start("--bemble.demo=true")) {
            full.restart("--bemble.room=1000000TB");
            Client teacher = Client.demo(full);
            int refused = 0;
            for (int round = 0; round < ROUNDS / 2; round++) {
                for (var path : description.get("paths").properties()) {
                    for (var operation : path.getValue().properties()) {
                        if (!operation.getKey().equals("get") && !path.getKey().startsWith("/api/account")
                                && !STORES_NOTHING.contains(path.getKey())) {
                            Client.Reply reply = send(teacher, operation.getKey(), path.getKey(), operation.getValue());
                            assertThat(reply.status()).as("%s %s: %s", operation.getKey(), path.getKey(), reply.text())
                                    .satisfiesAnyOf(status -> assertThat(status).isEqualTo(507),
                                            status -> assertThat(status).isBetween(400, 429));
                            refused += reply.status() == 507 ? 1 : 0;
                        }
                    }
                }
            }
            assertThat(refused).as("requests that would have been kept").isGreaterThan(6);
        }
    }

    @Test
    void whatIsNoRequestOfThisKindIsRefusedInWords() {
        Client teacher = Client.demo(server);
        for (String type : List.of("*/*", "application/x-www-form-urlencoded", "text/plain;charset=nonsense", "x")) {
            for (String path : List.of("/api/sets", "/api/work", "/api/classes", "/api/in", "/api/markings/1/import")) {
                Client.Reply reply = teacher.send("POST", path, "a=1&b=2", type);
                assertThat(reply.status()).as("%s as %s: %s", path, type, reply.text()).isBetween(400, 422);
                assertThat(reply.message()).isNotBlank();
            }
        }
        for (String query : List.of("?search=%C3%28", "?search=%FF", "?search=%", "?offset=%C3", "?most=1&most=2")) {
            assertThat(teacher.raw("/api/log" + query)).as(query).doesNotContain(" 500 ");
        }
    }

    /** What is sent as it happens has no end to wait for. */
    private static boolean isLive(JsonNode operation) {
        return operation.toString().contains("text/event-stream");
    }

    private Client.Reply send(Client teacher, String method, String path, JsonNode operation) {
        MadeUpRequests.MadeUp made = requests.of(method, path, operation);
        Client.Reply reply = made.sentBy(teacher);
        assertThat(reply.status()).as("seed %d: %s%n%s", SEED, made, reply.text())
                .satisfiesAnyOf(status -> assertThat(status).isLessThan(500),
                        status -> assertThat(status).isEqualTo(507));
        assertThat(reply.text()).as("%s", made).doesNotContain("must not be", "must be");
        if (reply.status() >= 400) {
            assertThat(reply.type()).as("%s", made).startsWith("application/problem+json");
            assertThat(reply.json().get("errors").get(0).get("message").asString()).as("%s", made)
                    .isNotBlank();
        }
        return reply;
    }
}
