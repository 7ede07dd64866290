package bemble.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.RunningServer;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import tools.jackson.databind.JsonNode;

/** Files that an earlier Bemble wrote are read as they were meant, with the same answers and the same words in short. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class FilesWrittenBeforeTest {
    private RunningServer server;
    private Client teacher;

    @BeforeAll
    void start() {
        server = RunningServer.start();
        teacher = new Client(server);
        teacher.get("/api/account");
        teacher.post("/api/account/first", Map.of("name", "A", "login", "a", "password", "password a"));
    }

    @AfterAll
    void stop() {
        server.close();
    }

    private static String file(String name) {
        try (InputStream stream = FilesWrittenBeforeTest.class.getResourceAsStream("/written-before/" + name)) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException exception) {
            throw new IllegalStateException(exception);
        }
    }

    @Test
    void aLogComesBackWithItsAnswersAndItsRecords() {
        String before = file("bemble-log-1.json");
        JsonNode entries = Client.JSON.readTree(before).get("entries");
        assertThat(teacher.post("/api/log/import", before).text())
                .isEqualTo("{\"added\":" + entries.size() + ",\"alreadyThere\":0}");
        Map<String, JsonNode> now = new HashMap<>();
        Client.JSON.readTree(teacher.get("/api/log/bemble-log.json").text()).get("entries")
                .forEach(entry -> now.put(entry.get("reference").asString(), entry));
        assertThat(entries).hasSizeGreaterThan(14).allSatisfy(entry -> {
            JsonNode again = now.get(entry.get("reference").asString());
            for (String field : new String[] {"problem", "method", "answer", "record", "label", "note", "kept"}) {
                assertThat(again.get(field)).as(entry.get("problem") + " " + field).isEqualTo(entry.get(field));
            }
            // A choice that there was not yet has its usual option.
            entry.get("style").properties().forEach(choice -> assertThat(again.get("style").get(choice.getKey()))
                    .as(entry.get("problem") + " " + choice.getKey()).isEqualTo(choice.getValue()));
        });
    }

    @Test
    void aSetComesBackFromBothItsFiles() {
        String before = file("bemble-set-1.json");
        JsonNode content = Client.JSON.readTree(before).get("set");
        long fromJson = teacher.post("/api/sets/import", before).json().get("id").asLong();
        JsonNode questions = teacher.get("/api/sets/" + fromJson).json().get("content").get("questions");
        assertThat(questions).hasSize(12).isEqualTo(content.get("questions"));
        long fromTable =
                teacher.send("POST", "/api/sets/import", file("bemble-set.csv"), "text/csv").json().get("id").asLong();
        assertThat(teacher.get("/api/sets/" + fromTable).json().get("content").get("questions")).isEqualTo(questions);
    }
}
