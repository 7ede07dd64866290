package bemble.server.storage;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.RunningServer;
import java.io.IOException;
import java.sql.SQLException;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Saved is saved, whatever becomes of the database meanwhile. */
@Tag("slow")
class StorageTest {
    private static Client.Reply save(Client teacher, String problem) {
        return teacher.post("/api/log", Map.of("work", Map.of("problem", problem)));
    }

    @Test
    void aDatabaseThatAFullDiskHasClosedIsOpenedByTheNextRequest() throws InterruptedException {
        try (RunningServer server = RunningServer.start("--bemble.demo=true", "--logging.level.bemble=off")) {
            Client teacher = Client.demo(server);
            int before = teacher.get("/api/log").json().get("total").asInt();
            assertThat(save(teacher, "58 + 67").status()).isEqualTo(200);
            for (int i = 1; i <= 3; i++) {
                server.closeDatabase();
                // A connection used within the last half second is trusted once more.
                Thread.sleep(600);
                assertThat(teacher.get("/api/log").json().get("total").asInt()).isEqualTo(before + i);
                assertThat(save(teacher, "58 + 6" + i).status()).isEqualTo(200);
            }
            assertThat(Client.demo(server).get("/api/style").status()).as("signing in works too").isEqualTo(200);
        }
    }

    @Test
    void savesThatComeTogetherAreAllThereAfterTheDatabaseIsCutOff() throws InterruptedException {
        try (RunningServer server = RunningServer.start("--bemble.demo=true", "--logging.level.bemble=off")) {
            Client teacher = Client.demo(server);
            int before = teacher.get("/api/log").json().get("total").asInt();
            Set<Integer> failed = new TreeSet<>();
            IntStream.range(0, 40).parallel().forEach(i -> {
                if (save(teacher, i + " + 9").status() != 200) {
                    synchronized (failed) {
                        failed.add(i);
                    }
                }
            });
            assertThat(failed).isEmpty();
            server.closeDatabase();
            Thread.sleep(600);
            assertThat(teacher.get("/api/log").json().get("total").asInt()).isEqualTo(before + 40);
        }
    }

    @Test
    void withoutRoomNothingIsSavedAndReadingAndSigningInGoOn() {
        try (RunningServer server = RunningServer.start("--bemble.demo=true", "--logging.level.bemble=off")) {
            Client teacher = Client.demo(server);
            String log = teacher.get("/api/log").text();
            long pile = teacher.get("/api/markings").json().get(0).get("id").asLong();
            server.restart("--bemble.room=1000000TB");
            Client again = Client.demo(server);
            Client.Reply refused = save(again, "58 + 67");
            assertThat(refused.status()).isEqualTo(507);
            assertThat(refused.json().get("errors").get(0).get("message").asString()).contains("Make room");
            assertThat(again.get("/api/log").text()).isEqualTo(log);
            assertThat(again.get("/api/markings/" + pile).status()).isEqualTo(200);
            assertThat(again.get("/api/markings/" + pile + "/class").status()).isEqualTo(200);
            assertThat(Client.demo(server).get("/api/classes").status()).isEqualTo(200);
        }
    }

    @Test
    void aFullDiskIsToldFromOtherFaults() {
        assertThat(ClosedByFullDisk.isCause(new IllegalStateException(new IOException("No space left on device"))))
                .isTrue();
        assertThat(ClosedByFullDisk.isCause(new IllegalStateException(new SQLException("closed", "90098", 90098))))
                .isTrue();
        assertThat(ClosedByFullDisk.isCause(new IOException("Permission denied"))).isFalse();
        assertThat(ClosedByFullDisk.isCause(new SQLException("no such row", "42000", 42000))).isFalse();
    }
}
