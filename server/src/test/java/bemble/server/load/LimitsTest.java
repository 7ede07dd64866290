package bemble.server.load;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** What would stop the school: lists without end, dear requests all at once, guesses, and requests from other devices. */
@Tag("slow")
class LimitsTest {
    private static RunningServer server;
    private static Client anybody;
    private static Client teacher;

    @BeforeAll
    static void begin() {
        server = RunningServer.start("--bemble.demo=true");
        anybody = new Client(server);
        anybody.get("/api/account");
        teacher = Client.demo(server);
    }

    @AfterAll
    static void end() {
        server.close();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "/api/mark | {'problem':'58 + 67','written':[%s]} | {} | written",
        "/api/mark | {'problem':'58 + 67','written':[%s]} | null | written",
        "/api/nudge | {'problem':'58 + 67','written':[%s]} | {} | written",
        "/api/diagnose/set | {'items':[%s]} | {} | items",
        "/api/diagnose/set | {'items':[%s]} | null | items",
        "/api/work | {'operation':'addition','operands':[%s]} | '1' | operands",
        "/api/in/papers/1/figures | {'from':0,'figures':[%s]} | null | figures",
        "/api/sets/1/prints | {'versions':[%s]} | null | versions"})
    void aListWithoutEndIsRefusedWhileItIsRead(String path, String body, String element, String field) {
        String list = IntStream.range(0, 20_000).mapToObj(i -> element).collect(Collectors.joining(","));
        Client client = path.startsWith("/api/sets") ? teacher : anybody;
        Client.Reply reply = client.post(path, body.formatted(list).replace('\'', '"'));
        assertThat(reply.status()).as(reply.text()).isIn(413, 422);
        assertThat(reply.json().get("errors").size()).isLessThanOrEqualTo(21);
        assertThat(anybody.work(Map.of("problem", "58 + 67")).status()).isEqualTo(200);
    }

    @Test
    void manyFaultsAreToldByTheFirstOfThem() {
        String list = IntStream.range(0, 4000).mapToObj(i -> "{}").collect(Collectors.joining(","));
        Client.Reply reply = anybody.post("/api/mark", "{\"problem\":\"58 + 67\",\"written\":[" + list + "]}");
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.json().get("errors").size()).isEqualTo(21);
    }

    @Test
    void everyListThatTheDescriptionKnowsHasItsLimit() {
        JsonNode description = Client.demo(server).get("/api/description").json();
        Set<String> without = new TreeSet<>();
        description.get("paths").properties().forEach(path -> path.getValue().properties().forEach(method -> {
            JsonNode body = method.getValue().path("requestBody").path("content");
            body.properties()
                    .forEach(content -> lists(description, content.getValue().path("schema"),
                            method.getKey() + " " + path.getKey(),
                            Set.of(), without));
        }));
        assertThat(without).isEmpty();
    }

    private static void lists(JsonNode description, JsonNode schema, String path, Set<String> within,
            Set<String> without) {
        String name = schema.path("$ref").asString("");
        if (!name.isEmpty()) {
            String simple = name.substring(name.lastIndexOf('/') + 1);
            if (!within.contains(simple)) {
                Set<String> deeper = new TreeSet<>(within);
                deeper.add(simple);
                lists(description, description.get("components").get("schemas").get(simple), path + " " + simple,
                        deeper, without);
            }
            return;
        }
        if (schema.path("type").asString("").equals("array")) {
            if (!schema.has("maxItems")) {
                without.add(path);
            }
            lists(description, schema.get("items"), path + "[]", within, without);
        }
        schema.path("properties").properties()
                .forEach(each -> lists(description, each.getValue(), path + "." + each.getKey(), within, without));
    }

    @Test
    void whileManyLargeProblemsAreAskedForATeacherIsAnswered() throws InterruptedException {
        String large = "9".repeat(40) + " × " + "8".repeat(40);
        List<Integer> statuses = new ArrayList<>();
        List<Thread> crowd = IntStream.range(0, 40).mapToObj(i -> new Thread(() -> {
            int status = new Client(server).work(Map.of("problem", large)).status();
            synchronized (statuses) {
                statuses.add(status);
            }
        })).toList();
        crowd.forEach(Thread::start);
        for (int i = 0; i < 20; i++) {
            assertThat(teacher.get("/api/classes").status()).isEqualTo(200);
            assertThat(teacher.work(Map.of("problem", "4738 + 1967")).status()).isEqualTo(200);
        }
        for (Thread each : crowd) {
            each.join();
        }
        assertThat(statuses).hasSize(40).contains(200).allMatch(status -> status == 200 || status == 429);
        assertThat(teacher.work(Map.of("problem", large)).status()).isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(strings = {"X-Forwarded-For", "Forwarded", "Via"})
    void fromOtherDevicesNobodyIsToldAnAnswerWithoutASignIn(String header) {
        for (String path : List.of("/api/work", "/api/mark", "/api/paper", "/api/diagnose", "/api/nudge",
                "/api/sets/draft", "/api/diagnose/set")) {
            assertThat(asked(anybody, path, header).status()).as(path).isEqualTo(401);
        }
        assertThat(asked(teacher, "/api/work", header).status()).isEqualTo(200);
        assertThat(anybody.work(Map.of("problem", "487 + 96")).status()).as("at this computer").isEqualTo(200);
    }

    private static Client.Reply asked(Client client, String path, String header) {
        return client.send("POST", path, "application/json",
                HttpRequest.BodyPublishers.ofString("{\"problem\":\"487 + 96\"}"), header, "192.0.2.7");
    }

    @Test
    void wrongPasswordsAreCountedBeforeTheyAreLookedAt() {
        try (RunningServer own = RunningServer.start("--bemble.demo=true")) {
            Client guesser = new Client(own);
            guesser.get("/api/account");
            List<Integer> statuses = IntStream.range(0, 60).parallel()
                    .mapToObj(i -> guesser.send("POST", "/api/account/sign-in", "application/json",
                            HttpRequest.BodyPublishers
                                    .ofString("{\"login\":\"demo\",\"password\":\"guess " + i + "\"}"),
                            "X-Forwarded-For", "192.0.2.7").status())
                    .toList();
            assertThat(statuses).filteredOn(status -> status == 422).hasSizeLessThanOrEqualTo(10);
            assertThat(statuses).filteredOn(status -> status == 429).hasSizeGreaterThanOrEqualTo(50);
            assertThat(Client.demo(own).get("/api/log").status()).as("at this computer the owner comes in")
                    .isEqualTo(200);
        }
    }

    @Test
    void aClassThatMistypesItsCodeComesInAndTheTeacherToo() {
        Client child = new Client(server);
        child.get("/api/account");
        for (int i = 0; i < 60; i++) {
            assertThat(child.post("/api/in/door", Map.of("code", "QQQ" + i)).status()).isEqualTo(422);
        }
        JsonNode session = teacher.post("/api/screens",
                Map.of("classId", teacher.schoolClass("Terns").get("id").asLong(), "setId", teacher.demoSet(),
                        "led", false))
                .json();
        assertThat(child.post("/api/in/door", Map.of("code", session.get("code").asString())).status()).isEqualTo(200);
        assertThat(Client.demo(server).get("/api/log").status()).isEqualTo(200);
        // One more is free each second, so that it is the first refusal that counts.
        int refused = 0;
        for (int i = 0; i < 300 && refused == 0; i++) {
            refused += child.post("/api/in/door", Map.of("code", "ZZZ" + i)).status() == 429 ? 1 : 0;
        }
        assertThat(refused).as("who goes on guessing waits").isEqualTo(1);
        assertThat(Client.demo(server).get("/api/log").status()).as("codes are counted apart from passwords")
                .isEqualTo(200);
    }

    @ParameterizedTest
    @ValueSource(strings = {"/%00", "/api/%2F", "/api/log/[]", "/a%5Cb", "/api/log/%zz"})
    void anAddressThatIsNoneIsRefusedInOurOwnWords(String path) throws Exception {
        String answer = server.raw("GET " + path + " HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n\r\n");
        assertThat(answer).startsWith("HTTP/1.1 4").contains("application/problem+json").contains("\"errors\"")
                .doesNotContain("<html", "Tomcat");
    }

    @Test
    void listsAreReadByPageSearchedAndCutAfterWhatIsDeleted() {
        long kept = teacher.post("/api/classes", Map.of("name", "Kept", "pupils", List.of("Ada"))).json().get("id")
                .asLong();
        long gone = teacher.post("/api/classes", Map.of("name", "Gone", "pupils", List.of("Ada"))).json().get("id")
                .asLong();
        long set = teacher.demoSet();
        long wanted = teacher.post("/api/markings", Map.of("classId", kept, "setId", set)).json().get("id").asLong();
        long session = teacher.post("/api/screens", Map.of("classId", kept, "setId", set, "led", false)).json()
                .get("id").asLong();
        for (String copy : List.of(
                "marking (teacher_id, class_id, title, begun_at, worked_on, sheets) select teacher_id, " + gone
                        + ", title, begun_at + interval '1' minute, worked_on, sheets from marking, system_range(1, 260) where id = "
                        + wanted,
                "screen_session (teacher_id, class_id, marking_id, code, title, problems, led, asks_digits, opened_at, ended_at) select teacher_id, "
                        + gone
                        + ", marking_id, 'X', title, problems, led, asks_digits, opened_at + interval '1' minute, opened_at "
                        + "from screen_session, system_range(1, 80) where id = " + session)) {
            server.sql("insert into " + copy);
        }
        assertThat(teacher.get("/api/markings?search=gone&most=50").json()).hasSize(50);
        assertThat(teacher.get("/api/markings?search=gone&most=50&offset=250").json()).hasSize(10);
        assertThat(teacher.send("DELETE", "/api/classes/" + gone, null).status()).isEqualTo(204);
        assertThat(teacher.get("/api/markings?search=gone").json()).isEmpty();
        assertThat(ids(teacher.get("/api/markings").json())).as("what is left is not crowded out").contains(wanted);
        assertThat(ids(teacher.get("/api/markings?search=kept").json())).contains(wanted);
        assertThat(ids(teacher.get("/api/screens").json())).contains(session);
        assertThat(ids(teacher.get("/api/screens?classId=" + kept).json())).containsExactly(session);
        assertThat(ids(teacher.get("/api/today").json().get("piles"))).contains(wanted);
        teacher.post("/api/classes/" + gone + "/restore", "");
        assertThat(teacher.get("/api/markings?search=gone&most=500").json()).hasSize(260);
    }

    private static List<Long> ids(JsonNode list) {
        List<Long> ids = new ArrayList<>();
        list.forEach(each -> ids.add(each.get("id").asLong()));
        return ids;
    }

    @Test
    void anotherTabIsToldOfWhatItWouldWriteOver() {
        long classId = teacher.post("/api/classes", Map.of("name", "Tabs", "pupils", List.of("Ada"))).json().get("id")
                .asLong();
        long pile = teacher.post("/api/markings", Map.of("classId", classId, "setId", teacher.demoSet())).json()
                .get("id").asLong();
        long pupil = teacher.get("/api/classes/" + classId).json().get("pupils").get(0).get("id").asLong();
        String path = "/api/markings/" + pile + "/papers/" + pupil + "/answers/4";
        JsonNode first =
                teacher.send("PUT", path, "{\"state\":\"given\",\"given\":\"74\",\"correction\":\"75\",\"revision\":0}")
                        .json();
        assertThat(first.get("answers").get(0).get("revision").asInt()).isEqualTo(1);
        Client.Reply second = teacher.send("PUT", path, "{\"state\":\"given\",\"given\":\"47\",\"revision\":0}");
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.json().get("current").get("correction").asString()).isEqualTo("75");
        assertThat(teacher.send("DELETE", path + "?revision=0", null).status()).isEqualTo(409);
        JsonNode after = teacher.send("PUT", path, "{\"state\":\"given\",\"given\":\"47\",\"revision\":1}").json();
        assertThat(after.get("answers").get(0).get("given").asString()).isEqualTo("47");
        Patience.until(
                () -> teacher.get("/api/markings/" + pile).json().get("papers").get(0).get("judged").asBoolean());
        JsonNode decided = teacher.send("PUT", "/api/markings/" + pile + "/papers/" + pupil + "/cause",
                "{\"cause\":\"smaller-from-larger\",\"questions\":[4,5]}").json();
        assertThat(decided.get("answers").get(0).get("cause").asString()).isEqualTo("smaller-from-larger");
        assertThat(decided.get("answers")).as("where nothing stands nothing is decided").hasSize(1);
    }

    @Test
    void aPaperGoesBackToThePilesOwnSheetWhenTheOtherWasLonger() {
        long classId = teacher.post("/api/classes", Map.of("name", "Sheets", "pupils", List.of("Ada"))).json().get("id")
                .asLong();
        long small = teacher.post("/api/sets/import?name=Small", "58 + 67\n", "text/csv").json().get("id").asLong();
        long large = teacher.post("/api/sets/import?name=Large", "58 + 67\n1 + 2\n3 + 4\n", "text/csv").json().get("id")
                .asLong();
        String code = teacher.post("/api/sets/" + large + "/prints", Map.of("versions", List.of("A"))).json()
                .get("prints").get(0).get("code").asString();
        long pile = teacher.post("/api/markings", Map.of("classId", classId, "setId", small)).json().get("id").asLong();
        long pupil = teacher.get("/api/classes/" + classId).json().get("pupils").get(0).get("id").asLong();
        String paper = "/api/markings/" + pile + "/papers/" + pupil;
        assertThat(teacher.send("PUT", paper, "{\"sheet\":\"" + code + "\",\"absent\":false}").status()).isEqualTo(200);
        assertThat(teacher.send("PUT", paper + "/answers/3", "{\"state\":\"given\",\"given\":\"7\"}").status())
                .isEqualTo(200);
        assertThat(teacher.send("PUT", paper, "{\"sheet\":\"set\",\"absent\":false}").status()).isEqualTo(200);
        assertThat(teacher.get("/api/markings/" + pile).status()).isEqualTo(200);
    }
}
