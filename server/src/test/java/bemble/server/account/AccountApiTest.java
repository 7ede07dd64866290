package bemble.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(DemoServer.class)
class AccountApiTest {
    @Test
    void theFirstStartCreatesOneAccountAndNoSecond() {
        try (RunningServer server = RunningServer.start()) {
            Client client = new Client(server);
            assertThat(client.get("/api/account").json().get("first").asBoolean()).isTrue();
            Map<String, String> short1 = Map.of("name", "Ms Reed", "login", "reed", "password", "short");
            assertThat(client.post("/api/account/first", short1).message()).contains("8 to 70");
            Map<String, String> good = Map.of("name", "Ms Reed", "login", " Reed ", "password", "a long one");
            assertThat(client.post("/api/account/first", good).json().get("teacher").asString()).isEqualTo("Ms Reed");
            assertThat(client.get("/api/log").status()).isEqualTo(200);

            Client other = new Client(server);
            assertThat(other.get("/api/account").json().get("first").asBoolean()).isFalse();
            assertThat(other.post("/api/account/first", good).status()).isEqualTo(422);
            assertThat(other.post("/api/account/sign-in", Map.of("login", "reed", "password", "a long one")).status())
                    .isEqualTo(200);
        }
    }

    @Test
    void aWrongPasswordIsRefusedAndSigningOutEndsTheSession(RunningServer server) {
        Client client = new Client(server);
        client.get("/api/account");
        Client.Reply wrong = client.post("/api/account/sign-in", Map.of("login", "demo", "password", "wrong"));
        assertThat(wrong.status()).isEqualTo(422);
        assertThat(wrong.message()).contains("do not belong together");
        Client teacher = Client.demo(server);
        assertThat(teacher.get("/api/log").status()).isEqualTo(200);
        teacher.post("/api/account/sign-out", "");
        assertThat(teacher.get("/api/log").status()).isEqualTo(401);
    }

    @Test
    void aRequestWithoutTheTokenIsRefused(RunningServer server) {
        Client forged = new Client(server);
        assertThat(forged.post("/api/account/sign-in", Map.of("login", "demo", "password", "lantern-quay")).status())
                .isEqualTo(403);
    }
}
