package bemble.server.scan;

import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.handwriting.InkOnPage;
import bemble.core.handwriting.PageWriter;
import bemble.core.handwriting.PenHand;
import bemble.core.handwriting.Scanning;
import bemble.core.method.Methods;
import bemble.core.print.ink.Page;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.scan.GreyRaster;
import bemble.core.scan.asked.AskedOnPage;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import bemble.server.classes.Pupil;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.kept.OpenPile;
import bemble.server.print.PdfWriter;
import bemble.server.sets.printed.NamedSheets;
import bemble.server.sets.printed.PrintedSheets;
import bemble.server.sets.printed.ReadableSheets.ReadableSheet;
import bemble.server.sets.printed.ReadableSheets;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * The stand-in for a class and a scanner: each child of a pile writes the printed sheet in a hand and with slips of their own, and the pages
 * come out as a scanner makes them, in a PDF.
 */
@Component
class PracticeScanner {
    private static final int DPI = 200;
    private static final double MILLIMETRES_AN_INCH = 25.4;
    private static final double POINTS_A_MILLIMETRE = 72 / MILLIMETRES_AN_INCH;
    private static final float QUALITY = 0.7f;
    private static final double CAREFUL = 0.5;
    private static final double SLIPS_ON = 0.8;
    private static final double CONTINENTAL = 0.3;

    private final NamedSheets named;
    private final PrintedSheets printed;
    private final ReadableSheets sheets;

    PracticeScanner(NamedSheets named, PrintedSheets printed, ReadableSheets sheets) {
        this.named = named;
        this.printed = printed;
        this.sheets = sheets;
    }

    /** A pile to be written: its sheet, for whom, and what the hands are drawn from. */
    record Pile(TeacherId teacherId, ReadableSheet sheet, List<Pupil> pupils, long seed) {}

    /** @throws Refusal where its sheet cannot be printed to be read */
    Pile pile(TeacherId teacherId, OpenPile open) {
        String code =
                open.sheets().stream().map(sheet -> sheet.code()).filter(each -> !each.equals(PrintedSheets.UNPRINTED))
                        .findFirst().orElseGet(() -> frozen(teacherId, open.stored().title()));
        ReadableSheet sheet = sheets.find(teacherId, code).orElseThrow(
                () -> Refusal.of("",
                        "The sheet " + code + " is not among your prints any more, so nobody can write on it."));
        if (sheet.pages().stream().allMatch(page -> page.fields().isEmpty())) {
            throw Refusal.of("",
                    "This sheet was not printed to be read. Tick “To be read” in the set’s layout, print it, and begin a pile with its code.");
        }
        List<Pupil> pupils = open.schoolClass().pupils().stream().filter(pupil -> {
            var paper = open.papers().get(pupil.id());
            return paper == null || !paper.absent();
        }).toList();
        return new Pile(teacherId, sheet, pupils, open.stored().id().value());
    }

    private String frozen(TeacherId teacherId, String title) {
        SetId set = printed.named(teacherId, title).orElseThrow(() -> Refusal.of("",
                "The set of this pile has another name by now. Begin a pile with the code on its printed sheets."));
        return named.freeze(teacherId, set);
    }

    /**
     * Has it written and scanned.
     *
     * @param stopped asked before each child whether anybody still wants it
     */
    byte[] scan(Pile pile, BooleanSupplier stopped) throws IOException {
        try (PDDocument document = new PDDocument(); ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            for (Pupil pupil : pile.pupils()) {
                if (document.getNumberOfPages() > 0 && stopped.getAsBoolean()) {
                    break;
                }
                RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom")
                        .create(pile.seed() * 1_000_003 + pupil.id().value());
                PenHand hand = random.nextDouble() < CONTINENTAL ? PenHand.continental(random) : PenHand.some(random);
                boolean careful = random.nextDouble() < CAREFUL;
                long habit = random.nextLong();
                List<Page> pages = named.pages(pile.teacherId(), pile.sheet().code(), pupil.id(), pupil.name());
                try (FilledFile empty = FilledFile.open(PdfWriter.write("", pages, () -> {}))) {
                    for (int i = 0; i < pages.size(); i++) {
                        add(document, filled(empty, i, pile.sheet(), hand, careful ? null : habit, random),
                                pages.get(i));
                    }
                } catch (UnreadablePage impossible) {
                    throw new IOException(impossible);
                }
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static GreyRaster filled(FilledFile empty, int page, ReadableSheet sheet, PenHand hand,
            @Nullable Long habit,
            RandomGenerator random) throws UnreadablePage {
        GreyRaster picture = empty.page(page + 1);
        double scale = DPI / MILLIMETRES_AN_INCH;
        PageWriter writer = new PageWriter(new InkOnPage(picture, scale), hand);
        for (AskedOnPage asked : AskedOnPage.on(sheet.pages().get(page), sheet.problems(), sheet.style())) {
            writer.write(asked.question(), asked.field(), written(asked.problem(), asked.style(), habit, random));
        }
        return new Scanning(Scanning.Device.FLATBED_200, random).of(picture, scale).picture();
    }

    /** What a child writes who has that habit: the same slip wherever it can happen, mostly. */
    private static Written written(Problem problem, HouseStyle style, @Nullable Long habit, RandomGenerator random) {
        var method = Methods.find(problem, null, style);
        if (habit != null) {
            List<KnownSlip> slips = Slips.met(problem, method.name());
            if (!slips.isEmpty()) {
                KnownSlip slip = slips.get((int) Math.floorMod(habit, (long) slips.size()));
                return Written.tried(slip.slip().chance(SLIPS_ON, random).over(Hand.CAREFUL), problem, method, style)
                        .orElseGet(() -> Written.by(Hand.CAREFUL, problem, method, style));
            }
        }
        return Written.by(Hand.CAREFUL, problem, method, style);
    }

    private static void add(PDDocument document, GreyRaster seen, Page page) throws IOException {
        float width = (float) (page.width() * POINTS_A_MILLIMETRE);
        float height = (float) (page.height() * POINTS_A_MILLIMETRE);
        PDPage sheet = new PDPage(new PDRectangle(width, height));
        document.addPage(sheet);
        try (PDPageContentStream stream = new PDPageContentStream(document, sheet)) {
            stream.drawImage(JPEGFactory.createFromByteArray(document, PagePicture.jpeg(seen, QUALITY)), 0, 0, width,
                    height);
        }
    }
}
