package bemble.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import bemble.server.running.TeacherAtScreen;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;

@Tag("slow")
@ExtendWith(DemoServer.class)
class OpenApiTest {
    /** The interface's types are generated from the committed description, so it must not go stale. */
    @Test
    void theCommittedDescriptionIsTheServersOwn(RunningServer server) throws IOException {
        var served = Client.demo(server).get("/api/description").json();
        Files.writeString(Path.of("target", "openapi.json"), Client.JSON.writer()
                .with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(served) + "\n");
        assertThat(Client.JSON.readTree(Files.readString(Path.of("..", "web", "openapi.json"))))
                .as("Copy server/target/openapi.json to web/openapi.json and run npm run types in web")
                .isEqualTo(served);
    }

    @Test
    void aPageOfItIsServedToWhoIsSignedInAndAsksNobodyOutside(Browser browser, RunningServer server) {
        assertThat(new Client(server).get("/api/description/swagger-ui/index.html").status()).isEqualTo(401);
        assertThat(new Client(server).get("/webjars/swagger-ui/index.html").status()).isEqualTo(401);
        try (TeacherAtScreen teacher = new TeacherAtScreen(browser).enterAsDemo(server)) {
            Page page = teacher.page();
            List<String> asked = new ArrayList<>();
            page.onRequest(request -> asked.add(request.url()));
            page.navigate(server.address() + "/api/description/page");
            page.locator("#operations-tag-sets").waitFor();
            assertThat(asked).allMatch(url -> url.startsWith(server.address()) || url.startsWith("data:"));
        }
    }

    /** What a reader of the description asks first of every address. */
    @Test
    void everyAddressSaysWhatItIsWhoMayCallItAndWhatItRefuses(RunningServer server) {
        assertThat(new Client(server).get("/api/description").status()).as("signed in, like the rest").isEqualTo(401);
        Set<String> lacking = new TreeSet<>();
        Client.demo(server).get("/api/description").json().get("paths").properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    JsonNode each = operation.getValue();
                    boolean whole = each.path("summary").asString("").length() > 5
                            && !each.get("tags").get(0).asString().contains("controller")
                            && each.has("security") && each.get("responses").has("422");
                    if (!whole) {
                        lacking.add(
                                operation.getKey() + " " + path.getKey() + ": " + each.path("summary").asString(""));
                    }
                }));
        assertThat(lacking).isEmpty();
    }
}
