package bemble.server.journey;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.http.HttpRequest;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Two presses make one thing. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class IdempotencyKeysTest {
    private static Client.Reply make(Client teacher, String body, String key) {
        return teacher.send("POST", "/api/classes", "application/json", HttpRequest.BodyPublishers.ofString(body),
                "Command-Key", key);
    }

    @Test
    void oneKeyMakesOneThingHoweverOftenAndHoweverQuickly(RunningServer server) {
        Client teacher = Client.demo(server);
        String body = Client.JSON.writeValueAsString(Map.of("name", "Made once", "pupils", List.of("Ada")));
        Set<Long> made = IntStream.range(0, 8).parallel().mapToObj(i -> {
            Client.Reply reply = make(teacher, body, "key-of-a-class");
            assertThat(reply.status()).isEqualTo(200);
            return reply.json().get("id").asLong();
        }).collect(Collectors.toSet());
        assertThat(made).hasSize(1);
        assertThat(make(teacher, body, "another").json().get("id").asLong()).isNotIn(made);
        // What was refused may be mended and sent under the same key; what was made is not made out of something else.
        assertThat(make(teacher, "{\"pupils\":[]}", "mended").status()).isEqualTo(422);
        assertThat(make(teacher, body, "mended").status()).isEqualTo(200);
        Client.Reply other = make(teacher, body.replace("Made once", "Another"), "mended");
        assertThat(other.status()).isEqualTo(422);
        assertThat(other.message()).contains("key of its own");
    }

    @Test
    void twoPressesInTheBrowserMakeOneClass(Browser browser, RunningServer server) {
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            teacher.open("Class");
            teacher.press("New class");
            page.getByLabel("Name of the class").fill("Pressed twice");
            page.getByLabel("Pupils, a short name a line").fill("Ida M\nTom B");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Make the class").setExact(true))
                    .dblclick();
            page.getByText("Pressed twice").first().waitFor();
            page.waitForTimeout(700);
            long classes = 0;
            for (JsonNode each : Client.demo(server).get("/api/classes").json()) {
                classes += each.get("name").asString().equals("Pressed twice") ? 1 : 0;
            }
            assertThat(classes).isEqualTo(1);
        }
    }
}
