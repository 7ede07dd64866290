package bemble.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.SerializationFeature;

@ExtendWith(DemoServer.class)
class OpenApiTest {
    /** The interface's types are generated from the committed description, so it must not go stale. */
    @Test
    void theCommittedDescriptionIsTheServersOwn(RunningServer server) throws IOException {
        var served = new Client(server).get("/v3/api-docs").json();
        Files.writeString(Path.of("target", "openapi.json"), Client.JSON.writer()
                .with(SerializationFeature.INDENT_OUTPUT).writeValueAsString(served) + "\n");
        assertThat(Client.JSON.readTree(Files.readString(Path.of("..", "web", "openapi.json"))))
                .as("Copy server/target/openapi.json to web/openapi.json and run npm run types in web")
                .isEqualTo(served);
    }
}
