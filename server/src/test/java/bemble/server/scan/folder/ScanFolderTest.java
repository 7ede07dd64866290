package bemble.server.scan.folder;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The folder into which a scanner puts its files: sheets of a class go into their pile, all else is left and told. */
@Tag("slow")
class ScanFolderTest {
    @TempDir
    private static Path folder;
    private static RunningServer server;
    private static Client teacher;

    @BeforeAll
    static void begin() {
        server = RunningServer.start("--bemble.demo=true", "--bemble.scans=" + folder);
        teacher = Client.demo(server);
    }

    @AfterAll
    static void end() {
        server.close();
    }

    /** The scans of a class's one pile that were read to their end; none while there is no pile. */
    private static List<JsonNode> scans(String className) {
        List<JsonNode> scans = new ArrayList<>();
        for (JsonNode pile : teacher.get("/api/markings?search=" + className).json()) {
            teacher.get("/api/markings/" + pile.get("id") + "/scans").json().forEach(scans::add);
        }
        return scans.stream().filter(scan -> scan.get("state").asString().equals("done")).toList();
    }

    private static List<String> left() {
        List<String> left = new ArrayList<>();
        teacher.get("/api/scans/folder").json().get("left")
                .forEach(each -> left.add(each.get("name").asString() + ": " + each.get("say").asString()));
        return left;
    }

    @Test
    void sheetsGoIntoTheirPileAndWhatIsNoneIsLeftAndTold() throws IOException {
        long classId = teacher.post("/api/classes", Map.of("name", "Whimbrels", "pupils", List.of("Ada F", "Bram L")))
                .json().get("id").asLong();
        String code =
                teacher.post("/api/sets/" + teacher.demoSet() + "/prints", Map.of("versions", List.of("A"))).json()
                        .get("prints").get(0).get("code").asString();
        byte[] sheets = teacher.file("/api/prints/" + code + "/classes/" + classId + ".pdf");
        Files.writeString(folder.resolve("timetable.txt"), "Monday");
        ImageIO.write(new BufferedImage(400, 400, BufferedImage.TYPE_BYTE_GRAY), "png",
                folder.resolve("map.png").toFile());
        Files.write(folder.resolve("scan1.pdf"), sheets);

        Patience.until(() -> scans("Whimbrels").size() == 1);
        assertThat(scans("Whimbrels").get(0).get("name").asString()).isEqualTo("scan1.pdf");
        Patience.until(() -> left().size() == 1);
        assertThat(left()).containsExactly("map.png: No code of a Bemble sheet is seen on its pages.");
        assertThat(folder.resolve("scan1.pdf")).doesNotExist();
        assertThat(folder.resolve("read by Bemble/scan1.pdf")).hasBinaryContent(sheets);
        assertThat(folder.resolve("timetable.txt")).exists();
        assertThat(folder.resolve("map.png")).exists();

        // A scanner that gives the same name again: nothing is doubled, and no file is lost.
        Files.write(folder.resolve("scan1.pdf"), sheets);
        Patience.until(() -> scans("Whimbrels").size() == 2);
        assertThat(folder.resolve("read by Bemble/2 scan1.pdf")).exists();
        assertThat(teacher.get("/api/markings?search=Whimbrels").json()).hasSize(1);
        String pile = teacher.get("/api/markings?search=Whimbrels").json().get(0).get("id").asString();
        String second = "/api/markings/" + pile + "/scans/" + scans("Whimbrels").get(0).get("id");
        teacher.get(second).json().get("pages")
                .forEach(page -> assertThat(page.get("state").asString()).isEqualTo("twice"));

        Files.delete(folder.resolve("map.png"));
        Patience.until(() -> left().isEmpty());
        assertThat(teacher.get("/api/scans/folder").json().get("folder").asString()).isEqualTo(folder.toString());
    }

    @Test
    void aSheetWithoutANameWaitsForItsPile() throws IOException {
        long classId = teacher.post("/api/classes", Map.of("name", "Turnstones", "pupils", List.of("Cy D")))
                .json().get("id").asLong();
        String code = teacher.post("/api/sets/" + teacher.demoSet() + "/prints", Map.of("versions", List.of("B")))
                .json().get("prints").get(0).get("code").asString();
        Files.write(folder.resolve("nameless.pdf"), teacher.file("/api/prints/" + code + "/questions.pdf"));
        Patience.until(() -> left().stream().anyMatch(each -> each.contains("it has no pile yet")));
        teacher.post("/api/markings", Map.of("classId", classId, "code", code));
        Patience.until(() -> scans("Turnstones").size() == 1);
        assertThat(folder.resolve("nameless.pdf")).doesNotExist();
    }
}
