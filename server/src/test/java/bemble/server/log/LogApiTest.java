package bemble.server.log;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.RunningServer;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

@Tag("slow")
class LogApiTest {
    private static final Map<String, String> ACCOUNT = Map.of("name", "A", "login", "a", "password", "password a");

    private Client client;

    private static Client newTeacher(RunningServer server) {
        Client client = new Client(server);
        client.get("/api/account");
        client.post("/api/account/first", ACCOUNT);
        return client;
    }

    private JsonNode record(String problem) {
        return client.post("/api/log", Map.of("work", Map.of("problem", problem))).json();
    }

    private JsonNode entries() {
        return client.get("/api/log").json().get("entries");
    }

    @Test
    void entriesAreKeptSearchedReworkedDeletedAndBroughtBack() {
        try (RunningServer server = RunningServer.start()) {
            client = newTeacher(server);
            JsonNode first = record("4738 + 1967");
            JsonNode second = record("86 + 947 + 58");
            assertThat(first.get("working").asString()).isEqualTo("carried 1 ten, 1 hundred, 1 thousand");
            assertThat(entries().get(0).get("id")).isEqualTo(second.get("id"));

            client.send("PATCH", "/api/log/" + first.get("id"),
                    "{\"label\":\"Terns 100%\",\"note\":\"Half-term rope\",\"kept\":true}");
            assertThat(client.get("/api/log?search=100%25").json().get("total").asInt()).isEqualTo(1);
            assertThat(client.get("/api/log?search=%25_").json().get("total").asInt()).isZero();
            assertThat(client.get("/api/log?search=half-TERM").json().get("entries").get(0).get("id"))
                    .isEqualTo(first.get("id"));
            assertThat(client.get("/api/log?search=100%25%20half").json().get("total").asInt())
                    .as("the end of one thing and the beginning of the next").isZero();

            JsonNode reworked = client.post("/api/log", Map.of("replaces", first.get("id"), "work", Map.of("problem",
                    "4738 + 1967", "style", Map.of("onesWord", "units")))).json();
            assertThat(reworked.get("id")).isEqualTo(first.get("id"));
            assertThat(reworked.get("label").asString()).isEqualTo("Terns 100%");
            assertThat(reworked.get("work").get("style").get("onesWord").asString()).isEqualTo("units");

            JsonNode gone = client.post("/api/log/tidy", "").json();
            assertThat(gone.get("ids").size()).isEqualTo(1);
            server.restart();
            client.get("/api/account");
            client.post("/api/account/sign-in", ACCOUNT);
            assertThat(entries()).hasSize(1);
            client.post("/api/log/restore", gone.toString());
            assertThat(entries()).hasSize(2);
            assertThat(client.send("DELETE", "/api/log/" + second.get("id"), null).status()).isEqualTo(200);
            assertThat(client.send("DELETE", "/api/log/" + second.get("id"), null).status()).isEqualTo(404);
        }
    }

    @Test
    void theExportIsReadBackAndAFileAtFaultLeavesNothingBehind() {
        String file;
        try (RunningServer server = RunningServer.start()) {
            client = newTeacher(server);
            JsonNode entry = record("67.4 + 8.95");
            record("12 + 9");
            client.send("PATCH", "/api/log/" + entry.get("id"), "{\"label\":\"=1+1\",\"note\":\"a, b\",\"kept\":true}");
            file = client.get("/api/log/bemble-log.json").text();
            assertThat(client.get("/api/log/bemble-log.csv").text())
                    .contains("\"67.4 + 8.95\",\"addition\",\"column\",\"76.35\"")
                    .contains("\"'=1+1\",\"a, b\",\"yes\"");
            assertThat(client.post("/api/log/import", file).text()).isEqualTo("{\"added\":0,\"alreadyThere\":2}");
        }
        try (RunningServer server = RunningServer.start()) {
            client = newTeacher(server);
            for (Map.Entry<String, String> bad : Map.of(
                    "[1]", "Line 1: this is not a log of Bemble",
                    "{\"format\":\"other\"}", "Line 1: this is not a log",
                    file.substring(0, file.length() / 2), "the file breaks off",
                    file.replace("\"76.35\"", "\"77.35\""), "the answer of 67.4 + 8.95 is 76.35, not 77.35",
                    file.replace("12 + 9", "12 + a"), "is not a number",
                    file.replace("\"version\" : 1", "\"version\" : 2"), "another version",
                    file.replaceFirst("\"workedAt\"", "\"at\""), "not an entry of a log").entrySet()) {
                Client.Reply reply = client.post("/api/log/import", bad.getKey());
                assertThat(reply.status()).as(bad.getValue()).isEqualTo(422);
                assertThat(reply.message()).startsWith("Line ").contains(bad.getValue());
                assertThat(entries()).isEmpty();
            }
            int line = file.substring(0, file.indexOf("12 + 9")).split("\n").length;
            int reported = Integer.parseInt(client.post("/api/log/import", file.replace("12 + 9", "12 + a")).message()
                    .replaceAll("Line (\\d+).*", "$1"));
            assertThat(line - reported).isBetween(0, 3);

            assertThat(client.post("/api/log/import", file).text()).isEqualTo("{\"added\":2,\"alreadyThere\":0}");
            assertThat(client.get("/api/log/bemble-log.json").json()).isEqualTo(Client.JSON.readTree(file));
        }
    }

    @Test
    void remarksThatAreTooLongAreRefusedAndNothingChanges() {
        try (RunningServer server = RunningServer.start()) {
            client = newTeacher(server);
            JsonNode entry = record("12 + 9");
            Client.Reply reply = client.send("PATCH", "/api/log/" + entry.get("id"),
                    "{\"label\":\"" + "x".repeat(121) + "\",\"note\":\"\",\"kept\":true}");
            assertThat(reply.status()).isEqualTo(422);
            assertThat(reply.json().get("errors").get(0).get("field").asString()).isEqualTo("label");
            assertThat(entries().get(0).get("kept").asBoolean()).isFalse();
            assertThat(client.post("/api/log", Map.of()).message()).isNotBlank();
            assertThat(client.post("/api/log/restore", Map.of("ids", List.of())).status()).isEqualTo(200);
        }
    }
}
