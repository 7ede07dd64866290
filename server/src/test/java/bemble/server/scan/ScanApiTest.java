package bemble.server.scan;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.Client.Reply;
import bemble.server.running.DemoServer;
import bemble.server.running.Patience;
import bemble.server.running.RunningServer;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Filled pages over HTTP: read, confirmed, put right; and files that are no such pages. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class ScanApiTest {
    private static final int SHORT = 6;
    private static RunningServer server;
    private static Client teacher;
    private static long classId;
    private static long setId;
    private static List<Long> pupils;

    @BeforeAll
    static void begin(RunningServer shared) {
        server = shared;
        teacher = Client.demo(server);
        JsonNode made = teacher
                .post("/api/classes", Map.of("name", "Scanned", "pupils", List.of("Ada F", "Bram L", "Cleo N"))).json();
        classId = made.get("id").asLong();
        pupils = new ArrayList<>();
        made.get("pupils").forEach(pupil -> pupils.add(pupil.get("id").asLong()));
        setId = oneSheet(teacher.get("/api/sets/" + teacher.demoSet()).json().get("content"));
    }

    /** The first questions of a set, so many as stand on one sheet. */
    private static long oneSheet(JsonNode content) {
        ObjectNode sheet = content.deepCopy().asObject();
        ArrayNode questions = sheet.putArray("questions");
        content.get("questions").valueStream().limit(SHORT).forEach(questions::add);
        return teacher.post("/api/sets", sheet).json().get("id").asLong();
    }

    private static String pile() {
        return teacher.post("/api/markings", Map.of("classId", classId, "setId", setId)).json().get("id")
                .asString();
    }

    private static Reply bringIn(String pile, String name, byte[] file) throws IOException {
        ByteArrayOutputStream body = new ByteArrayOutputStream();
        body.write(("--edge\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + name
                + "\"\r\nContent-Type: application/octet-stream\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
        body.write(file);
        body.write("\r\n--edge--\r\n".getBytes(StandardCharsets.US_ASCII));
        return teacher.send("POST", "/api/markings/" + pile + "/scans", "multipart/form-data; boundary=edge",
                HttpRequest.BodyPublishers.ofByteArray(body.toByteArray()));
    }

    private static JsonNode read(String pile, Reply begun) {
        assertThat(begun.status()).as(begun.text()).isEqualTo(202);
        String scan = "/api/markings/" + pile + "/scans/" + begun.json().get("id").asString();
        Patience.until(() -> !teacher.get(scan).json().get("state").asString().equals("reading"));
        return teacher.get(scan).json();
    }

    private static JsonNode paper(String pile, long pupil) {
        for (JsonNode paper : teacher.get("/api/markings/" + pile).json().get("papers")) {
            if (paper.get("pupil").get("id").asLong() == pupil) {
                return paper;
            }
        }
        throw new AssertionError("no paper of " + pupil);
    }

    private static JsonNode answer(String pile, long pupil, int question) {
        for (JsonNode answer : paper(pile, pupil).get("answers")) {
            if (answer.get("question").asInt() == question) {
                return answer;
            }
        }
        return null;
    }

    private static byte[] png(int width, int height) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_BYTE_BINARY), "png", bytes);
        return bytes.toByteArray();
    }

    @Test
    void whatTheChildrenWroteComesIntoThePileAndWhatIsUnclearIsAsked() throws IOException {
        String pile = pile();
        JsonNode scan = read(pile, teacher.post("/api/markings/" + pile + "/scans/practice", Map.of()));
        assertThat(scan.get("state").asString()).isEqualTo("done");
        assertThat(scan.get("pages").size()).isEqualTo(scan.get("total").asInt()).isGreaterThanOrEqualTo(pupils.size());
        String address = "/api/markings/" + pile + "/scans/" + scan.get("id").asString();
        int taken = 0;
        int asked = 0;
        for (JsonNode page : scan.get("pages")) {
            assertThat(page.get("state").asString()).as(page.toString()).isEqualTo("read");
            long pupil = page.get("pupil").get("id").asLong();
            for (JsonNode reading : page.get("answers")) {
                JsonNode stands = answer(pile, pupil, reading.get("question").asInt());
                if (reading.get("doubtful").asBoolean()) {
                    asked++;
                    assertThat(stands).as("what is doubtful does not count").isNull();
                } else {
                    taken++;
                    assertThat(stands.get("given").asString()).isEqualTo(reading.get("read").asString());
                    assertThat(stands.get("verdict").asString().equals("right"))
                            .isEqualTo(reading.get("right").asBoolean());
                }
            }
        }
        assertThat(taken).isGreaterThan(asked);
        assertThat(scan.get("ask").size()).isEqualTo(asked);
        assertThat(teacher
                .file(address + "/pictures/1-" + scan.get("pages").get(0).get("answers").get(0).get("question").asInt()
                        + ".jpg")).startsWith(0xff, 0xd8);

        // One is put right, whatever it was read as; then the pile has that.
        JsonNode page = scan.get("pages").get(0);
        int question = page.get("answers").get(0).get("question").asInt();
        Reply confirmed = teacher.send("PUT", address + "/answers",
                "{\"page\":1,\"question\":" + question + ",\"read\":\"4711\"}");
        assertThat(confirmed.status()).as(confirmed.text()).isEqualTo(200);
        assertThat(answer(pile, page.get("pupil").get("id").asLong(), question).get("given").asString())
                .isEqualTo("4711");
        assertThat(confirmed.json().get("pages").get(0).get("answers").get(0).get("doubtful").asBoolean()).isFalse();

        // A right one is shown to parents, and all to who judges, in the child's own hand.
        JsonNode parents = teacher.get("/api/pupils/" + pupilWithARightOne(scan) + "/report").json();
        assertThat(parents.get("pages").toString()).contains("data:image/jpeg;base64,").contains("as it was written");
        assertThat(new String(teacher.file("/api/pupils/" + pupilWithARightOne(scan) + "/report.pdf"),
                StandardCharsets.ISO_8859_1))
                        .contains("/DCTDecode");
        assertThat(
                teacher.get("/api/pupils/" + pupilWithARightOne(scan) + "/work/pages").json().get("pages").toString())
                        .contains("data:image/jpeg;base64,");

        // What was confirmed teaches the hands of the class, and that can be forgotten.
        JsonNode sure = page.get("answers").get(1);
        teacher.send("PUT", address + "/answers",
                "{\"page\":1,\"question\":" + sure.get("question").asInt() + ",\"read\":\""
                        + sure.get("read").asString() + "\"}");
        assertThat(teacher.get(address).json().get("learnt").asInt())
                .isGreaterThanOrEqualTo(sure.get("read").asString().length());
        assertThat(teacher.send("DELETE", "/api/markings/" + pile + "/scans/learnt", null).status()).isEqualTo(204);
        assertThat(teacher.get(address).json().get("learnt").asInt()).isZero();

        // Typed by the teacher it stands above what was read; the same page again changes nothing.
        teacher.send("PUT",
                "/api/markings/" + pile + "/papers/" + page.get("pupil").get("id").asLong() + "/answers/" + question,
                "{\"state\":\"given\",\"given\":\"12\"}");
        JsonNode again = read(pile, teacher.post("/api/markings/" + pile + "/scans/practice", Map.of()));
        assertThat(again.get("pages")).allSatisfy(each -> assertThat(each.get("state").asString()).isEqualTo("twice"));
        assertThat(answer(pile, page.get("pupil").get("id").asLong(), question).get("given").asString())
                .isEqualTo("12");
        assertThat(teacher.get(address).json().get("pages").get(0).get("answers").get(0).get("stands").asString())
                .isEqualTo("12");
        assertThat(teacher.get(address).json().get("pictureDays").asInt()).as("a term").isEqualTo(120);
        assertThat(teacher.send("PUT", address + "/pictures", "{\"days\":30}").json().get("pictureDays").asInt())
                .isEqualTo(30);
        assertThat(teacher.send("PUT", address + "/pictures", "{\"days\":400}").message()).contains("a year at most");
        server.sql("update scan set begun_at = dateadd(day, -31, begun_at)");
        teacher.send("PUT", address + "/pictures", "{\"days\":29}");
        assertThat(teacher.get(address + "/pictures/1-" + question + ".jpg").status()).as("its days are over")
                .isEqualTo(404);
        assertThat(teacher.send("DELETE", address + "/pictures", null).status()).isEqualTo(204);
        assertThat(teacher.get(address + "/pictures/1-" + question + ".jpg").status()).isEqualTo(404);
    }

    private static long pupilWithARightOne(JsonNode scan) {
        for (JsonNode page : scan.get("pages")) {
            for (JsonNode reading : page.get("answers")) {
                if (reading.get("right").asBoolean() && !reading.get("doubtful").asBoolean()) {
                    return page.get("pupil").get("id").asLong();
                }
            }
        }
        throw new AssertionError("nobody has anything right");
    }

    /** The sheet as it is printed, its pages as pictures: nobody's until somebody says whose. */
    @Test
    void aSheetWithoutANameIsNobodysUntilSomebodySaysWhose() throws IOException {
        String pile = pile();
        String code = teacher.post("/api/sets/" + setId + "/prints", Map.of("versions", List.of("A"))).json()
                .get("prints").get(0)
                .get("code").asString();
        JsonNode squares = teacher.get("/api/prints/" + code + "/squares").json().get("pages").get(0);
        assertThat(squares.get("code").asString()).startsWith(code + "/1/");
        assertThat(squares.get("squares").size()).isGreaterThan(20);
        byte[] picture;
        try (PDDocument printed = Loader.loadPDF(teacher.file("/api/prints/" + code + "/questions.pdf"))) {
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            ImageIO.write(new PDFRenderer(printed).renderImageWithDPI(0, 200, ImageType.GRAY), "jpeg", bytes);
            picture = bytes.toByteArray();
        }
        JsonNode scan = read(pile, bringIn(pile, "photo.jpg", picture));
        JsonNode page = scan.get("pages").get(0);
        assertThat(page.get("state").asString()).as(page.toString()).isEqualTo("nobodys");
        assertThat(page.get("answers")).allSatisfy(reading -> assertThat(reading.get("read").asString()).isEmpty());
        assertThat(paper(pile, pupils.get(2)).get("answers")).isEmpty();
        String address = "/api/markings/" + pile + "/scans/" + scan.get("id").asString();
        Reply owned = teacher.send("PUT", address + "/pages/1", "{\"pupil\":" + pupils.get(2) + "}");
        assertThat(owned.status()).as(owned.text()).isEqualTo(200);
        assertThat(paper(pile, pupils.get(2)).get("answers"))
                .allSatisfy(each -> assertThat(each.get("verdict").asString()).isEqualTo("blank"));
        assertThat(teacher.send("PUT", address + "/pages/1", "{\"pupil\":" + pupils.get(1) + "}").status())
                .isEqualTo(422);
        assertThat(teacher.file("/api/prints/" + code + "/classes/" + classId + ".pdf")).startsWith('%', 'P', 'D', 'F');
    }

    @Test
    void filesThatAreNoFilledPagesAreRefusedOrToldOfPageByPage() throws IOException {
        String pile = pile();
        assertThat(bringIn(pile, "a.txt", "hello".getBytes(StandardCharsets.US_ASCII)).message())
                .contains("PDF, PNG or JPEG");
        assertThat(bringIn(pile, "a.pdf", "%PDF-1.7 and nothing".getBytes(StandardCharsets.US_ASCII)).message())
                .contains("cut off");
        assertThat(bringIn(pile, "empty.pdf", new byte[0]).status()).isEqualTo(422);
        assertThat(bringIn(pile, "locked.pdf", pdf(1, true)).message()).contains("password");
        assertThat(bringIn(pile, "long.pdf", pdf(121, false)).message()).contains("121 pages");
        assertThat(teacher.send("POST", "/api/markings/" + pile + "/scans", "application/json",
                HttpRequest.BodyPublishers.ofString("{}")).status()).isEqualTo(415);
        for (byte[] file : List.of(png(1, 1), png(800, 1100), pdf(2, false))) {
            assertThat(read(pile, bringIn(pile, "other", file)).get("pages")).isNotEmpty().allSatisfy(page -> {
                assertThat(page.get("state").asString()).isEqualTo("not-read");
                assertThat(page.get("say").asString()).contains("No code");
            });
        }
        // Little as a file, huge once it is unpacked.
        JsonNode bomb = read(pile, bringIn(pile, "bomb.png", png(20_000, 20_000)));
        assertThat(bomb.get("pages").get(0).get("say").asString()).contains("20000 × 20000 pixels");
        byte[] cutOff = png(900, 900);
        assertThat(read(pile, bringIn(pile, "half.png", Arrays.copyOf(cutOff, cutOff.length / 2))).get("pages").get(0)
                .get("state").asString()).isEqualTo("not-read");
        assertThat(paper(pile, pupils.get(0)).get("answers")).as("nothing was taken").isEmpty();
        assertThat(teacher.get("/api/markings/" + pile + "/scans").json().size()).isEqualTo(5);
    }

    @Test
    void aPileDeletedMeanwhileEndsItsReading() {
        String pile = pile();
        Reply begun = teacher.post("/api/markings/" + pile + "/scans/practice", Map.of());
        assertThat(begun.status()).isEqualTo(202);
        assertThat(teacher.send("DELETE", "/api/markings/" + pile, null).status()).isEqualTo(204);
        Patience.until(() -> server.count("select count(*) from scan where state = 'reading'") == 0);
        assertThat(teacher.post("/api/markings/" + pile + "/restore", Map.of()).status()).isEqualTo(200);
        assertThat(teacher.get("/api/markings/" + pile + "/scans/" + begun.json().get("id").asString()).status())
                .isEqualTo(200);
    }

    @Test
    void readingCanBeStoppedAndTheNextFileIsReadAllTheSame() throws IOException {
        String pile = pile();
        Reply begun = teacher.post("/api/markings/" + pile + "/scans/practice", Map.of());
        Reply stopped = teacher.post("/api/markings/" + pile + "/scans/" + begun.json().get("id").asString() + "/stop",
                Map.of());
        assertThat(stopped.json().get("state").asString()).isEqualTo("stopped");
        assertThat(stopped.json().get("say").asString()).contains("What was read is kept");
        assertThat(read(pile, bringIn(pile, "other.png", png(800, 1100))).get("state").asString()).isEqualTo("done");
        assertThat(teacher.get("/api/markings/" + pile + "/scans/" + begun.json().get("id").asString()).json()
                .get("pages").size())
                        .isLessThan(2 * pupils.size());
    }

    private static byte[] pdf(int pages, boolean locked) throws IOException {
        try (PDDocument document = new PDDocument(); ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            IntStream.range(0, pages).forEach(i -> document.addPage(new PDPage()));
            if (locked) {
                document.protect(new StandardProtectionPolicy("owner", "user", new AccessPermission()));
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }
}
