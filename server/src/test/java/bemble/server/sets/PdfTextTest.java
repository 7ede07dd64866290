package bemble.server.sets;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.server.running.Client;
import bemble.server.running.DemoServer;
import bemble.server.running.RunningServer;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.util.HtmlUtils;
import tools.jackson.databind.JsonNode;

/** Text taken out of each kind of PDF is, letter for letter, what was written: it can be copied, searched and read aloud. */
@Tag("slow")
@ExtendWith(DemoServer.class)
class PdfTextTest {
    private static Client teacher;

    @BeforeAll
    static void begin(RunningServer server) {
        teacher = Client.demo(server);
    }

    private static String letters(String text) {
        return text.replaceAll("\\s", "");
    }

    private static void assertReads(String pdf, String written) {
        assertThat(letters(written)).as(pdf).isNotEmpty();
        try (PDDocument document = Loader.loadPDF(teacher.file(pdf))) {
            assertThat(letters(new PDFTextStripper().getText(document))).as(pdf).isEqualTo(letters(written));
            assertThat(document.getDocumentInformation().getTitle()).as(pdf).isNotBlank();
            assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("en-GB");
        } catch (IOException unreadable) {
            throw new AssertionError(pdf, unreadable);
        }
    }

    private static void assertReport(String pages, String pdf) {
        assertReads(pdf, String.join("", Client.printed(teacher.get(pages).json())));
    }

    @Test
    void everyReportReadsAsItIsWritten() {
        JsonNode curlews = teacher.schoolClass("Curlews");
        String ofClass = "/api/classes/" + curlews.get("id");
        String ofPupil = "/api/pupils/" + curlews.get("pupils").get(3).get("id");
        long pile = teacher.get("/api/markings?search=curlews").json().get(0).get("id").asLong();
        Map.of(ofClass + "/report", ofClass + "/report.pdf", ofClass + "/stand-in", ofClass + "/stand-in.pdf",
                ofPupil + "/report",
                ofPupil + "/report.pdf", ofPupil + "/work/pages", ofPupil + "/work.pdf",
                "/api/markings/" + pile + "/key/pages",
                "/api/markings/" + pile + "/key.pdf", "/api/markings/" + pile + "/strips/pages",
                "/api/markings/" + pile + "/strips.pdf")
                .forEach(PdfTextTest::assertReport);
        for (String problem : List.of("4738%2B1967", "5002-1347", "347x26", "8412/24", "%E2%88%9A529")) {
            String query = "?problem=" + problem;
            assertReads("/api/how-we-write-it/page.pdf" + query,
                    texts(teacher.get("/api/how-we-write-it" + query).text()));
        }
    }

    /** The texts of pages drawn as SVG, whether they stand by themselves or within JSON. */
    private static String texts(String pages) {
        StringBuilder all = new StringBuilder();
        Pattern.compile(">([^<>]*)</text>").matcher(pages.replace("\\\"", "\"")).results()
                .forEach(text -> all.append(HtmlUtils.htmlUnescape(text.group(1))));
        return all.toString();
    }

    @Test
    void everyPrintReadsAsItIsWritten() {
        long set = teacher
                .post("/api/sets/import?name=Offers",
                        "problem,story\n58 + 67,First five flasks of lamp oil are left off the shelf\n"
                                + "204 - 125,Fifty-five slates are offered at fifty pence\n",
                        "text/csv")
                .json().get("id").asLong();
        String code = teacher.post("/api/sets/" + set + "/prints", Map.of("versions", List.of("A"))).json()
                .get("prints").get(0).get("code").asString();
        for (String kind : List.of("questions", "answers", "worked")) {
            StringBuilder written = new StringBuilder();
            Client.Reply page;
            for (int number = 1; (page = teacher.get("/api/prints/" + code + "/" + kind + "-" + number + ".svg"))
                    .status() == 200; number++) {
                written.append(texts(page.text()));
            }
            assertReads("/api/prints/" + code + "/" + kind + ".pdf", written.toString());
        }
    }
}
