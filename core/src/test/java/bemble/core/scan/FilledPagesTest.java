package bemble.core.scan;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.given.RandomNumbers;
import bemble.core.given.Weights;
import bemble.core.hand.Hand;
import bemble.core.hand.Written;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.handwriting.PracticePage;
import bemble.core.handwriting.Scanning.Device;
import bemble.core.method.Methods;
import bemble.core.print.LessonPart;
import bemble.core.print.PageLayout;
import bemble.core.print.Pages;
import bemble.core.print.PaperSize;
import bemble.core.print.PrintKind;
import bemble.core.print.PrintOrder;
import bemble.core.print.PrintQuestion;
import bemble.core.print.ink.Page;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.scan.asked.AskedOnPage;
import bemble.core.slip.Slips;
import bemble.core.style.HouseStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Pages that invented hands have filled, seen through a device, found and read. How well over many is measured in the bench. */
@Tag("slow")
class FilledPagesTest {
    private static final HouseStyle STYLE = HouseStyle.USUAL;
    private static final List<Problem> PROBLEMS = IntStream.range(0, 6).mapToObj(i -> ProblemText.kept(
            List.of("487 + 396", "605 − 347", "346 × 7", "738 ÷ 6", "58 + 67", "4003 − 1358").get(i))).toList();
    private static final FigureNet NET = Weights.net();

    private static Page page(PaperSize paper) {
        PageLayout layout = new PageLayout(paper, 2, 7, true, true, false, true, false, false, true);
        return Pages.of(new PrintOrder("Sums", "K7PT-A", IntStream.range(0, PROBLEMS.size())
                .mapToObj(i -> new PrintQuestion(i + 1, PROBLEMS.get(i), "", LessonPart.ALONE)).toList(), layout, STYLE,
                PrintKind.QUESTIONS)).get(0);
    }

    private static Written careful(Problem problem) {
        return Written.by(Hand.CAREFUL, problem, Methods.find(problem, null, STYLE), STYLE);
    }

    /** Every second child has a slip. */
    private static Written by(Problem problem, RandomGenerator random) {
        var method = Methods.find(problem, null, STYLE);
        List<KnownSlip> slips = Slips.of(problem, method.name());
        return random.nextBoolean() ? careful(problem)
                : Written
                        .tried(slips.get(random.nextInt(slips.size())).slip().over(Hand.CAREFUL), problem, method,
                                STYLE)
                        .orElseGet(() -> careful(problem));
    }

    private static Optional<Homography> found(PracticePage filled, Page page) {
        return PageFound.in(filled.picture(), new PageMarks(page.width(), page.height()), filled.patterns(),
                PracticePage.MODULES);
    }

    @ParameterizedTest
    @EnumSource(value = Device.class, names = "BAD_PHONE", mode = EnumSource.Mode.EXCLUDE)
    void whatStandsOnThemIsReadAndWhatIsNotSureIsAsked(Device device) {
        RandomGenerator random = RandomNumbers.seeded(44_400 + device.ordinal());
        int answers = 0;
        int taken = 0;
        int takenWrong = 0;
        for (int i = 0; i < 2; i++) {
            Page page = page(i == 0 ? PaperSize.A4 : PaperSize.LETTER);
            List<AskedOnPage> asked = AskedOnPage.on(page, PROBLEMS, STYLE);
            assertThat(asked).hasSizeGreaterThan(4);
            PracticePage filled = PracticePage.of(page, asked, each -> by(each.problem(), random), device, random);
            QuestionReader reader = new QuestionReader(filled.picture(), found(filled, page).orElseThrow(), NET);
            for (AskedOnPage each : asked) {
                QuestionRead read = reader.read(each.field(), each.squares(), each::likely).orElseThrow();
                boolean right = Arrays.equals(read.answer().kinds(),
                        each.kinds(filled.written().get(each.number()), read.answerSquares()));
                answers++;
                taken += read.answer().isDoubtful() ? 0 : 1;
                takenWrong += !read.answer().isDoubtful() && !right ? 1 : 0;
            }
        }
        assertThat(taken).as("taken unasked of " + answers).isGreaterThanOrEqualTo(answers * 6 / 10);
        assertThat(takenWrong).as("taken wrongly").isLessThanOrEqualTo(1);
    }

    /** Bent and dark pages may be refused, but squares are never read where others are: what is taken is there. */
    @Test
    void aBadPictureIsRefusedRatherThanMisread() {
        RandomGenerator random = RandomNumbers.seeded(44_500);
        int read = 0;
        int takenWrong = 0;
        for (int i = 0; i < 5; i++) {
            Page page = page(PaperSize.A4);
            List<AskedOnPage> asked = AskedOnPage.on(page, PROBLEMS, STYLE);
            PracticePage filled =
                    PracticePage.of(page, asked, each -> careful(each.problem()), Device.BAD_PHONE, random);
            Homography place = found(filled, page).orElse(null);
            if (place == null) {
                continue;
            }
            QuestionReader reader = new QuestionReader(filled.picture(), place, NET);
            for (AskedOnPage each : asked) {
                Optional<QuestionRead> question = reader.read(each.field(), each.squares(), each::likely);
                if (question.isPresent() && !question.get().answer().isDoubtful()) {
                    read++;
                    takenWrong += Arrays.equals(question.get().answer().kinds(),
                            each.kinds(careful(each.problem()), question.get().answerSquares())) ? 0 : 1;
                }
            }
        }
        assertThat(takenWrong).as("of " + read).isLessThanOrEqualTo(1);
    }

    @Test
    void aPageWithoutItsMarksIsNotFound() {
        Page page = page(PaperSize.A4);
        RandomGenerator random = RandomNumbers.seeded(1);
        PracticePage filled =
                PracticePage.of(page, List.of(), each -> careful(each.problem()), Device.FLATBED_200, random);
        GreyRaster blank = GreyRaster.white(filled.picture().width(), filled.picture().height());
        assertThat(PageFound.in(blank, new PageMarks(page.width(), page.height()), filled.patterns(),
                PracticePage.MODULES)).isEmpty();
        // Another program's page, whose code would be elsewhere.
        assertThat(PageFound.in(filled.picture(), new PageMarks(page.height(), page.width()), filled.patterns(),
                PracticePage.MODULES)).isEmpty();
    }

    @Test
    void aPagesCodeSaysWhatItIsAndNothingElseDoes() {
        PageCode code = new PageCode("K7PT-A", 2, 57);
        assertThat(PageCode.read(code.text())).contains(code);
        assertThat(List.of("https://example.org", "K7PT-A", "K7PT-A/2", "K7PT-A/x/1", "k7pt-a/1/1",
                "K7PT-A/1/" + "9".repeat(30)))
                        .allSatisfy(text -> assertThat(PageCode.read(text)).isEmpty());
    }
}
