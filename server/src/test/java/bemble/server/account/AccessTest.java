package bemble.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * Who may ask for what, for every address of the API's own description: nobody signed in, a pupil who has come in with a
 * code, another teacher, and the owner. An address without a row fails.
 */
@Tag("slow")
@ExtendWith(DemoServer.class)
class AccessTest {
    /** Open to everybody at this computer, storing nothing. */
    private static final Set<String> OPEN =
            Set.of("POST /api/work", "POST /api/paper", "POST /api/mark", "POST /api/nudge",
                    "POST /api/sets/draft", "POST /api/diagnose", "POST /api/diagnose/set", "POST /api/diagnose/next",
                    "GET /api/geometry");
    private static final Set<String> SIGN_IN =
            Set.of("GET /api/account", "POST /api/account/sign-in", "POST /api/account/first",
                    "POST /api/account/sign-out");
    /** Open to whoever has come in with a code; to others they say that nobody is in. */
    private static final Set<String> PUPILS =
            Set.of("GET /api/in", "POST /api/in", "POST /api/in/door", "POST /api/in/leave",
                    "GET /api/in/papers/{id}", "GET /api/in/papers/{id}/squares",
                    "POST /api/in/papers/{id}/next", "POST /api/in/papers/{id}/figures", "POST /api/in/hand-in");
    /** The teacher's own things by number: to another teacher they are not there. */
    private static final Set<String> BY_NUMBER = new TreeSet<>(List.of(
            "GET /api/attempts/{id}", "POST /api/attempts/{id}/figures", "PUT /api/attempts/{id}/settings",
            "POST /api/attempts/{id}/mark",
            "GET /api/classes/{id}", "GET /api/classes/{id}/former", "PUT /api/classes/{id}",
            "DELETE /api/classes/{id}", "POST /api/classes/{id}/restore",
            "GET /api/classes/{id}/record", "GET /api/classes/{id}/steps", "GET /api/classes/{id}/facts",
            "GET /api/classes/{id}/stairs", "GET /api/classes/{id}/term", "PUT /api/classes/{id}/term",
            "GET /api/classes/{id}/plan",
            "PUT /api/classes/{id}/plan", "DELETE /api/classes/{id}/plan",
            "POST /api/classes/{id}/plan/groups/{key}/set",
            "POST /api/classes/{id}/plan/days/{day}/sheets", "GET /api/classes/{id}/plan/days/{day}/sheets.pdf",
            "GET /api/classes/{id}/report", "GET /api/classes/{id}/report.pdf", "GET /api/classes/{id}/stand-in",
            "GET /api/classes/{id}/stand-in.pdf", "GET /api/classes/{id}/next-teacher",
            "GET /api/classes/{id}/next-teacher.pdf", "GET /api/classes/{id}/list.csv", "POST /api/classes/{id}/list",
            "GET /api/classes/{id}/answers.csv", "GET /api/classes/{id}/class.json", "POST /api/classes/{id}/move",
            "GET /api/pupils/{id}", "POST /api/pupils/{id}/back", "DELETE /api/pupils/{id}",
            "GET /api/pupils/{id}/record", "GET /api/pupils/{id}/steps", "GET /api/pupils/{id}/facts",
            "PUT /api/pupils/{id}/rungs/{rung}",
            "DELETE /api/pupils/{id}/rungs/{rung}", "GET /api/pupils/{id}/report", "GET /api/pupils/{id}/report.pdf",
            "GET /api/pupils/{id}/work", "POST /api/pupils/{id}/work", "GET /api/pupils/{id}/work/pages",
            "GET /api/pupils/{id}/work.pdf",
            "GET /api/markings/{id}", "DELETE /api/markings/{id}", "POST /api/markings/{id}/restore",
            "PUT /api/markings/{id}/day",
            "PUT /api/markings/{id}/papers/{pupil}/answers/{question}",
            "DELETE /api/markings/{id}/papers/{pupil}/answers/{question}",
            "POST /api/markings/{id}/papers/{pupil}/rest", "PUT /api/markings/{id}/papers/{pupil}/cause",
            "PUT /api/markings/{id}/papers/{pupil}", "POST /api/markings/{id}/import",
            "POST /api/markings/{id}/copied", "POST /api/markings/{id}/copied/{paper}",
            "GET /api/markings/{id}/class", "POST /api/markings/{id}/set", "GET /api/markings/{id}/key",
            "GET /api/markings/{id}/key/pages", "GET /api/markings/{id}/key.pdf", "GET /api/markings/{id}/strips/pages",
            "GET /api/markings/{id}/strips.pdf", "GET /api/markings/{id}/feedback",
            "PUT /api/markings/{id}/feedback/{pupil}", "GET /api/markings/{id}/marks/pages",
            "GET /api/markings/{id}/marks.pdf",
            "GET /api/markings/{id}/scans", "POST /api/markings/{id}/scans", "POST /api/markings/{id}/scans/practice",
            "GET /api/markings/{id}/scans/{scan}", "POST /api/markings/{id}/scans/{scan}/stop",
            "PUT /api/markings/{id}/scans/{scan}/answers", "PUT /api/markings/{id}/scans/{scan}/pages/{page}",
            "GET /api/markings/{id}/scans/{scan}/pictures/{page}-{question}.jpg",
            "DELETE /api/markings/{id}/scans/{scan}/pictures", "PUT /api/markings/{id}/scans/{scan}/pictures",
            "DELETE /api/markings/{id}/scans/learnt",
            "POST /api/markings/{id}/papers/{pupil}/entries", "DELETE /api/markings/{id}/entries/{key}",
            "GET /api/screens/{id}", "GET /api/screens/{id}/live", "POST /api/screens/{id}/end",
            "POST /api/screens/{id}/reopen",
            "POST /api/screens/{id}/pupils/{pupil}/back", "POST /api/screens/{id}/pupils/{pupil}/device"));
    /** What is not a class's or a pupil's; its owner is asked in the tests of its feature. */
    private static final Set<String> OTHERS = new TreeSet<>(List.of(
            "GET /api/attempts", "POST /api/attempts", "POST /api/attempts/run", "GET /api/classes",
            "POST /api/classes", "POST /api/classes/file",
            "GET /api/markings", "POST /api/markings", "GET /api/markings/forms", "GET /api/scans/folder",
            "GET /api/rules", "POST /api/rules",
            "DELETE /api/rules/{id}",
            "POST /api/rules/{id}/restore", "GET /api/screens", "GET /api/screens/address", "POST /api/screens",
            "PUT /api/page-words/{page}", "GET /api/guide", "GET /api/lessons/{source}", "PUT /api/lessons/{source}",
            "POST /api/lessons/{source}/anew", "POST /api/lessons/{source}/set", "GET /api/deleted/sets",
            "GET /api/deleted/classes", "GET /api/deleted/piles", "GET /api/jobs/{id}", "DELETE /api/jobs/{id}",
            "GET /api/stories", "GET /api/stories/again",
            "POST /api/worked-pictures", "GET /api/worked-pictures/stages.pdf", "GET /api/today",
            "GET /api/background", "POST /api/rehearse", "POST /api/rehearse/papers"));
    /** Older features, which are asked in their own tests. */
    private static final List<String> ELSEWHERE = List.of("/api/calculator", "/api/estimate", "/api/explanation",
            "/api/facts", "/api/how-we-write-it", "/api/log", "/api/pictures", "/api/preferences", "/api/prints",
            "/api/sets", "/api/slips", "/api/style", "/api/ways");

    private static RunningServer server;
    private static Client owner;
    private static Client stranger;
    private static Client pupil;
    private static Client nobody;
    private static JsonNode description;
    private static final Map<String, String> OWN = new LinkedHashMap<>();

    @BeforeAll
    static void begin(RunningServer shared) {
        server = shared;
        nobody = new Client(server);
        nobody.get("/api/account");
        owner = Client.demo(server);
        description = owner.get("/api/description").json();
        // The other teacher's password is the demo teacher's, in the very hash.
        server.sql(
                "insert into teacher (login, name, password_hash) select 'other', 'Mr Plover', password_hash from teacher");
        stranger = new Client(server);
        stranger.get("/api/account");
        assertThat(stranger.post("/api/account/sign-in", Map.of("login", "other", "password", "lantern-quay")).status())
                .isEqualTo(200);
        JsonNode schoolClass = owner.schoolClass("Curlews");
        JsonNode session = owner.post("/api/screens", Map.of("classId", schoolClass.get("id").asLong(), "setId",
                owner.demoSet(), "led", false, "asksDigits", false)).json();
        pupil = new Client(server);
        pupil.get("/api/account");
        long pupilId = session.get("places").get(0).get("pupil").get("id").asLong();
        JsonNode in = pupil.post("/api/in", Map.of("code", session.get("code").asString(), "pupilId", pupilId)).json();
        OWN.put("classes", schoolClass.get("id").asString());
        owner.post(
                "/api/classes/" + OWN.get("classes") + "/plan/days/" + owner.dayPlanned(OWN.get("classes")) + "/sheets",
                Map.of());
        OWN.put("pupils", schoolClass.get("pupils").get(1).get("id").asString());
        OWN.put("markings", session.get("markingId").asString());
        server.sql(
                "insert into scan (teacher_id, marking_id, name, state, begun_at) select teacher_id, id, 'pages', 'done', begun_at "
                        + "from marking where id = " + OWN.get("markings"));
        server.sql(
                "insert into scan_page (scan_id, page, state, say) select max(id), 1, 'not-read', 'no code' from scan");
        server.sql("insert into scan_answer (scan_id, page, question, said, ink, sure, doubtful, picture) "
                + "select max(id), 1, 1, '', '', 0, true, x'00' from scan");
        OWN.put("scans", Long.toString(server.count("select max(id) from scan")));
        OWN.put("screens", session.get("id").asString());
        OWN.put("attempts", in.get("own").get("questions").get(0).get("paper").asString());
    }

    private static List<String> addresses() {
        List<String> all = new ArrayList<>();
        description.get("paths").properties().forEach(path -> path.getValue().properties()
                .forEach(operation -> all.add(operation.getKey().toUpperCase(Locale.ROOT) + " " + path.getKey())));
        return all;
    }

    private static int status(Client who, String address) {
        String[] parts = address.split(" ");
        String kind = parts[1].split("/")[2];
        String path = parts[1].replace("/term", parts[0].equals("PUT") ? "/term?revision=0" : "/term")
                .replace("{id}", OWN.getOrDefault(kind, "1")).replace("{pupil}", OWN.get("pupils"))
                .replace("{scan}", OWN.getOrDefault("scans", "1")).replace("{question}", "1")
                .replace("{rung}", "addition-one-carry").replace("{key}", "g1")
                .replace("{day}", owner.dayPlanned(OWN.get("classes"))).replaceAll("\\{[^}]*}", "1");
        String body = parts[0].equals("GET") || parts[0].equals("DELETE") ? null : BODIES.getOrDefault(address, "{}");
        String type = address.endsWith("/list") || address.endsWith("/import") ? "text/csv"
                : address.equals(FILLED_PAGES) ? "multipart/form-data; boundary=x" : "application/json";
        return who.send(parts[0], path, body, type).status();
    }

    private static final String FILLED_PAGES = "POST /api/markings/{id}/scans";

    private static final Map<String, String> BODIES = Map.ofEntries(
            Map.entry(FILLED_PAGES,
                    "--x\r\nContent-Disposition: form-data; name=\"file\"; filename=\"a.pdf\"\r\n\r\n%PDF\r\n--x--\r\n"),
            Map.entry("PUT /api/markings/{id}/scans/{scan}/answers", "{\"page\":1,\"question\":1,\"read\":\"7\"}"),
            Map.entry("PUT /api/markings/{id}/scans/{scan}/pages/{page}", "{\"pupil\":1}"),
            Map.entry("POST /api/attempts/{id}/figures", "{\"from\":0,\"figures\":[]}"),
            Map.entry("POST /api/in/papers/{id}/figures", "{\"from\":0,\"figures\":[]}"),
            Map.entry("PUT /api/attempts/{id}/settings",
                    "{\"settingOut\":false,\"withCheck\":false,\"led\":false,\"marking\":\"end\","
                            + "\"joinedAt\":0,\"ownWay\":false}"),
            Map.entry("PUT /api/classes/{id}", "{\"name\":\"X\",\"pupils\":[],\"revision\":0}"),
            Map.entry("PUT /api/classes/{id}/term",
                    "{\"topics\":[],\"weekdays\":[1],\"minutes\":10,\"groupMost\":5,\"sheets\":2}"),
            Map.entry("PUT /api/classes/{id}/plan", "{\"content\":{\"days\":[],\"conflicts\":[]},\"revision\":0}"),
            Map.entry("POST /api/classes/{id}/list", "Ida M\n"),
            Map.entry("POST /api/classes/{id}/move", "{\"pupils\":[1],\"toClass\":2}"),
            Map.entry("PUT /api/pupils/{id}/rungs/{rung}", "{\"state\":\"secure\",\"reason\":\"seen\"}"),
            Map.entry("POST /api/pupils/{id}/work",
                    "{\"marking\":1,\"question\":1,\"judge\":\"Mr P\",\"says\":\"clear\"}"),
            Map.entry("PUT /api/markings/{id}/day", "{\"workedOn\":\"2026-01-05\"}"),
            Map.entry("PUT /api/markings/{id}/papers/{pupil}/answers/{question}", "{\"state\":\"right\"}"),
            Map.entry("PUT /api/markings/{id}/scans/{scan}/pictures", "{\"days\":30}"),
            Map.entry("PUT /api/markings/{id}/feedback/{pupil}", "{\"words\":\"\"}"),
            Map.entry("POST /api/markings/{id}/papers/{pupil}/rest", "{\"state\":\"right\"}"),
            Map.entry("PUT /api/markings/{id}/papers/{pupil}/cause", "{\"cause\":\"zeros-skipped\",\"questions\":[1]}"),
            Map.entry("PUT /api/markings/{id}/papers/{pupil}", "{\"absent\":true}"),
            Map.entry("POST /api/markings/{id}/papers/{pupil}/entries",
                    "{\"key\":\"0123456789abcdef\",\"line\":\"1 =\"}"),
            Map.entry("POST /api/markings/{id}/import", "Ada F,1\n"),
            Map.entry("POST /api/markings/{id}/copied", "{\"pupilId\":1,\"question\":1}"),
            Map.entry("POST /api/markings/{id}/set", "{\"slip\":\"zeros-skipped\"}"),
            Map.entry("POST /api/rehearse", "{\"problems\":[\"58 + 67\"]}"));

    @Test
    void everyAddressHasItsRow() {
        List<String> without = addresses().stream()
                .filter(address -> !OPEN.contains(address) && !SIGN_IN.contains(address)
                        && !PUPILS.contains(address) && !BY_NUMBER.contains(address) && !OTHERS.contains(address)
                        && ELSEWHERE.stream().noneMatch(address.substring(address.indexOf(' ') + 1)::startsWith))
                .toList();
        assertThat(without).as("addresses without a row of who may ask for them").isEmpty();
        assertThat(addresses()).as("rows without an address").containsAll(BY_NUMBER).containsAll(OTHERS)
                .containsAll(PUPILS).containsAll(OPEN);
    }

    @Test
    void withoutASignInOnlyWhatIsOpenAnswers() {
        for (String address : addresses()) {
            int status = status(nobody, address);
            if (OPEN.contains(address) || SIGN_IN.contains(address)) {
                assertThat(status).as(address).isNotEqualTo(401);
            } else if (PUPILS.contains(address)) {
                assertThat(status).as("%s where nobody is in", address).isIn(200, 400, 404, 422);
            } else {
                assertThat(status).as(address).isEqualTo(401);
            }
        }
    }

    @Test
    void aPupilsCodeOpensNothingOfTheTeachers() {
        for (String address : addresses()) {
            if (!OPEN.contains(address) && !SIGN_IN.contains(address) && !PUPILS.contains(address)) {
                assertThat(status(pupil, address)).as(address).isEqualTo(401);
            }
        }
        assertThat(pupil.get("/api/in/papers/" + (Long.parseLong(OWN.get("attempts")) + 100_000)).status())
                .isEqualTo(404);
        assertThat(pupil.get("/api/in/papers/" + OWN.get("attempts")).status()).isEqualTo(200);
    }

    @Test
    void anotherTeacherFindsNothingThere() {
        for (String address : BY_NUMBER) {
            assertThat(status(stranger, address)).as(address).isEqualTo(404);
        }
        assertThat(stranger.get("/api/classes").json()).isEmpty();
        assertThat(stranger.get("/api/screens").json()).isEmpty();
        assertThat(stranger.get("/api/today").json().get("lessons")).isEmpty();
    }

    @Test
    void theOwnerFindsWhatIsTheirs() {
        for (String address : BY_NUMBER) {
            if (address.startsWith("GET") && !address.endsWith("/live")) {
                assertThat(status(owner, address)).as(address).isEqualTo(200);
            }
        }
    }
}
