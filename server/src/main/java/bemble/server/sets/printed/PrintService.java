package bemble.server.sets.printed;

import bemble.core.practice.Versions;
import bemble.core.print.Pages;
import bemble.core.print.PrintKind;
import bemble.core.print.PrintOrder;
import bemble.core.print.ink.Page;
import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.server.background.JobKind;
import bemble.server.background.JobProgress;
import bemble.server.background.Jobs.UnderWay;
import bemble.server.background.Jobs;
import bemble.server.faults.Missing;
import bemble.server.ids.PupilId;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.print.PdfWriter;
import bemble.server.print.PrintableLetters;
import bemble.server.sets.SetContent;
import bemble.server.sets.SetReading;
import bemble.server.sets.SetService;
import bemble.server.style.StyleService;
import bemble.server.style.StyleText;
import jakarta.annotation.PostConstruct;
import java.io.IOException;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;
import tools.jackson.databind.ObjectMapper;

/** Freezes sets as printed, each version under a code of its own, and keeps their PDF files. */
@Service
class PrintService {
    /** What the names of files begin with while they are written. */
    private static final String PART = "printing";

    private final PrintMapper prints;
    private final SetService sets;
    private final StyleService houseStyles;
    private final StyleText styles;
    private final Jobs jobs;
    private final ObjectMapper json;
    private final Freezer freezer;
    private final Path folder;

    PrintService(PrintMapper prints, SetService sets, StyleService houseStyles, StyleText styles, Jobs jobs,
            ObjectMapper json, Freezer freezer, @Value("${bemble.data}") String data) {
        this.prints = prints;
        this.sets = sets;
        this.houseStyles = houseStyles;
        this.styles = styles;
        this.jobs = jobs;
        this.json = json;
        this.freezer = freezer;
        this.folder = Path.of(data, "prints");
    }

    List<PrintLine> of(TeacherId teacherId, SetId setId) {
        sets.find(teacherId, setId);
        return prints.of(teacherId, setId);
    }

    StoredPrint find(TeacherId teacherId, String code) {
        return prints.find(teacherId, code).orElseThrow(
                () -> new Missing("No print of yours has the code " + code + ". Look it up on the sheet once more."));
    }

    /** The pages of a set as it would be printed now. */
    List<Page> preview(TeacherId teacherId, SetId setId, String version, PrintKind kind) {
        HouseStyle style = houseStyles.of(teacherId);
        SetContent content = sets.version(sets.content(sets.find(teacherId, setId)), version, style);
        return Pages.of(SetReading.print(content, "····-" + version, style, kind));
    }

    /** One question as a page of its own size would show it. */
    Page question(TeacherId teacherId, SetId setId, int number, PrintKind kind) {
        SetContent content = sets.content(sets.find(teacherId, setId));
        if (number < 1 || number > content.questions().size()) {
            throw new Missing("The set has no question " + number + ".");
        }
        PrintOrder all = SetReading.print(content, "", houseStyles.of(teacherId), kind);
        return Pages.single(all, number);
    }

    List<Page> pages(StoredPrint print, PrintKind kind) {
        return Pages.of(order(print, kind));
    }

    PrintOrder order(StoredPrint print, PrintKind kind) {
        SetContent content = json.readValue(print.content(), SetContent.class);
        return SetReading.print(content, print.code(), HouseStyle.USUAL.with(styles.read(print.choices())), kind);
    }

    /** A print begun: what was frozen, and the job that writes its files. */
    record Begun(List<StoredPrint> prints, UnderWay job) {}

    /** Freezes the versions of a set and begins to write their files; what is printed unchanged keeps its code. */
    Begun begin(TeacherId teacherId, SetId setId, List<String> versions) {
        SetContent content = sets.content(sets.find(teacherId, setId));
        if (content.questions().isEmpty()) {
            throw Refusal.of("questions", "There is nothing to print yet. Draw some questions first.");
        }
        List<StoredPrint> frozen =
                freezer.freeze(teacherId, setId, content, versions, houseStyles.of(teacherId));
        int total = content.questions().size() * versions.size() * PrintKind.values().length;
        UnderWay job = jobs.begin(JobKind.PRINT, teacherId, progress -> {
            progress.of(total);
            write(frozen, progress);
            return null;
        });
        return new Begun(frozen, job);
    }

    private void write(List<StoredPrint> frozen, JobProgress progress) throws IOException {
        int before = 0;
        for (StoredPrint print : frozen) {
            for (PrintKind kind : PrintKind.values()) {
                int base = before;
                PrintOrder order = order(print, kind);
                List<Page> pages = Pages.of(order, done -> progress.at(base + done));
                save(file(print, kind), PdfWriter.write(title(print, kind), pages,
                        () -> progress.at(base + order.questions().size())));
                before += order.questions().size();
            }
        }
    }

    /** Freezes a set as it is now, under a code by which its answers are found. */
    StoredPrint freeze(TeacherId teacherId, SetId setId) {
        return freezer
                .freeze(teacherId, setId, sets.content(sets.find(teacherId, setId)), Versions.LETTERS.subList(0, 1),
                        houseStyles.of(teacherId))
                .get(0);
    }

    /** The pages of a print for a pupil, with their name and what says so to a machine. */
    List<Page> named(StoredPrint print, PupilId pupilId, String name) {
        return Pages.of(order(print, PrintKind.QUESTIONS).named(name, pupilId.value()));
    }

    /** The PDF as it was printed; written again from what was frozen where the file is gone. */
    byte[] pdf(StoredPrint print, PrintKind kind) throws IOException {
        Path file = file(print, kind);
        if (!Files.exists(file)) {
            save(file, PdfWriter.write(title(print, kind), pages(print, kind), () -> {}));
        }
        return Files.readAllBytes(file);
    }

    /** Removes what prints that were broken off have left behind. */
    @PostConstruct
    void clearParts() throws IOException {
        if (Files.isDirectory(folder)) {
            try (DirectoryStream<Path> parts = Files.newDirectoryStream(folder, PART + "*")) {
                for (Path part : parts) {
                    Files.delete(part);
                }
            }
        }
    }

    /** The letters of a set that the printed fonts do not have. */
    List<String> unprintable(TeacherId teacherId, SetId setId) {
        SetContent content = sets.content(sets.find(teacherId, setId));
        StringBuilder text = new StringBuilder(content.title());
        content.questions().forEach(question -> text.append(question.story()));
        return PrintableLetters.missing(text.toString());
    }

    private static String title(StoredPrint print, PrintKind kind) {
        return kind.title() + " " + print.code();
    }

    private Path file(StoredPrint print, PrintKind kind) {
        return folder.resolve(print.code() + "-" + kind.id() + ".pdf");
    }

    /** Whole or not at all, so that a print that was stopped leaves no half of a file. */
    private static void save(Path file, byte[] bytes) throws IOException {
        Files.createDirectories(file.getParent());
        Path part = Files.createTempFile(file.getParent(), PART, ".pdf");
        Files.write(part, bytes);
        Files.move(part, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
    }
}
