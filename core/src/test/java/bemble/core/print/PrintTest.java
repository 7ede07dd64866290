package bemble.core.print;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bemble.core.hand.slipped.KnownSlip;
import bemble.core.practice.Draft;
import bemble.core.practice.Effort;
import bemble.core.practice.TellingSet;
import bemble.core.practice.Versions;
import bemble.core.practice.features.Feature;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.practice.features.Wish;
import bemble.core.practice.features.Wishes;
import bemble.core.print.ink.Letters;
import bemble.core.print.ink.Page;
import bemble.core.print.ink.PageInk;
import bemble.core.problem.Operation;
import bemble.core.problem.ProblemText;
import bemble.core.scan.ReadField;
import bemble.core.scan.ReadSquare;
import bemble.core.style.HouseStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Pages of questions, their versions, and the sets that tell slips apart. */
class PrintTest {
    private static final String STORY =
            "Two ferries carry so many passengers on Friday and Saturday. How many is that?";
    /** Nothing is printed nearer to the edge, in millimetres. */
    private static final double MARGIN = 10;

    /** What is laid out to the edge of a page may be beyond it in the last place. */
    private static final double ROUNDED = 1e-9;

    private static List<PrintQuestion> questions(String... problems) {
        List<PrintQuestion> questions = new ArrayList<>();
        for (String problem : problems) {
            int number = questions.size() + 1;
            questions.add(new PrintQuestion(number, ProblemText.kept(problem),
                    number % 3 == 0 ? STORY : "", LessonPart.values()[number % 3]));
        }
        return questions;
    }

    private static List<PrintQuestion> allSorts() {
        return questions("58 + 67", "605 - 556", "346 x 205", "7506 / 25", "sqrt 529", "sqrt 7 to 3 dp", "1.25 + 0.75",
                "9".repeat(40) + " + 1", "123456789012 x 98765", "8 + 7 + 6 + 5 + 4 + 3 + 2 + 1 + 9 + 8 + 7 + 6",
                "100000000000 - 1", "4738 + 1967");
    }

    static Stream<Arguments> layouts() {
        return Stream.of(
                new PageLayout(PaperSize.A4, 2, 7, true, true, true, true, false, true),
                new PageLayout(PaperSize.LETTER, 4, 5, false, false, false, false, false, false),
                new PageLayout(PaperSize.TWO_A5, 1, 10, true, false, false, true, true, true),
                new PageLayout(PaperSize.A4, 3, 10, false, true, true, true, true, false),
                new PageLayout(PaperSize.A4, 2, 7, true, true, true, true, false, false, true),
                new PageLayout(PaperSize.A4, 3, 5, true, true, true, true, true, false, false, true),
                new PageLayout(PaperSize.LETTER, 1, 10, true, false, false, true, false, false, true, true))
                .flatMap(layout -> Stream.of(PrintKind.values()).map(kind -> Arguments.of(layout, kind)));
    }

    @ParameterizedTest
    @MethodSource("layouts")
    void nothingFallsOffAPageAndEveryQuestionIsOnOne(PageLayout layout, PrintKind kind) {
        List<Page> pages = Pages.of(new PrintOrder("Lamp oil", "NEV4-A", allSorts(), layout, HouseStyle.USUAL, kind));
        for (Page page : pages) {
            assertThat(page.width()).isEqualTo(layout.paper().width());
            assertThat(page.inks()).allSatisfy(ink -> isInside(ink, page, layout.paper() == PaperSize.TWO_A5));
            assertThat(texts(page)).contains("NEV4-A");
        }
        List<String> texts = pages.stream().flatMap(page -> texts(page).stream()).toList();
        for (int number = 1; number <= 12; number++) {
            assertThat(texts).contains(number + ".");
        }
        assertThat(String.join(" ", texts)).contains("passengers").contains("Lamp oil");
    }

    /** A copier prints nothing nearer to the edge than its marks; its squares are read where they are printed. */
    @Test
    void aPageToBeReadHasMarksACodeAndSquaresClearOfThem() {
        PageLayout layout = new PageLayout(PaperSize.A4, 2, 7, true, false, false, true, false, false, true);
        List<Page> pages = Pages.of(new PrintOrder("Lamp oil", "NEV4-A", allSorts(), layout, HouseStyle.USUAL,
                PrintKind.QUESTIONS).named("Ada F", 57));
        for (int i = 0; i < pages.size(); i++) {
            Page page = pages.get(i);
            assertThat(page.inks().stream().filter(ink -> ink instanceof PageInk.Block)).hasSize(4)
                    .allSatisfy(ink -> assertThat(List.of(((PageInk.Block) ink).left(), ((PageInk.Block) ink).top(),
                            page.width() - ((PageInk.Block) ink).left() - 4,
                            page.height() - ((PageInk.Block) ink).top() - 4))
                                    .allMatch(edge -> edge >= 9));
            assertThat(page.inks().stream().filter(ink -> ink instanceof PageInk.Code)
                    .map(ink -> ((PageInk.Code) ink).text()))
                            .containsExactly("NEV4-A/" + (i + 1) + "/57");
            assertThat(page.fields()).allSatisfy(field -> {
                assertThat(field.y() + field.rows() * field.side()).isLessThan(page.height() - 9 - 14);
                assertThat(field.side()).isGreaterThanOrEqualTo(6);
                ReadableQuestion question =
                        ReadableQuestion.of(allSorts().get(field.question() - 1).problem(), HouseStyle.USUAL);
                assertThat(question.squares(field)).isNotEmpty().anyMatch(ReadSquare::answer).allSatisfy(square -> {
                    assertThat(square.x()).isBetween(field.x(), field.x() + field.columns() * field.side());
                    assertThat(square.y()).isBetween(field.y(), field.y() + field.rows() * field.side());
                });
            });
        }
        assertThat(pages.stream().flatMap(page -> page.fields().stream()).map(ReadField::question))
                .as("whole numbers in squares large enough").contains(2, 5).doesNotContain(6, 7, 8);
        assertThatThrownBy(() -> new PageLayout(PaperSize.TWO_A5, 1, 7, true, false, false, true, false, false, true))
                .hasMessageContaining("7 mm");
    }

    @Test
    void longSentencesGoOnInTheNextColumnAndStayReadable() {
        PageLayout narrow = new PageLayout(PaperSize.A4, 4, 5, true, false, false, true, false, true);
        List<Page> pages = Pages.of(
                new PrintOrder("T", "AAAA-A", allSorts(), narrow, HouseStyle.USUAL, PrintKind.WORKED));
        List<Double> sizes =
                pages.stream().flatMap(page -> page.inks().stream()).filter(ink -> ink instanceof PageInk.Text)
                        .map(ink -> (PageInk.Text) ink).filter(text -> text.text().length() > 12)
                        .map(PageInk.Text::size).toList();
        assertThat(sizes).isNotEmpty().allMatch(size -> size > 3);
        assertThat(pages).hasSizeGreaterThan(3);
    }

    private static void isInside(PageInk ink, Page page, boolean hasCut) {
        if (ink instanceof PageInk.Line line) {
            boolean cut = hasCut && line.x1() == page.width() / 2 && line.y1() == 0;
            if (!cut) {
                inside(line.x1(), line.y1(), page);
                inside(line.x2(), line.y2(), page);
            }
        } else if (ink instanceof PageInk.Bend bend) {
            inside(bend.x1(), bend.y1(), page);
            inside(bend.x2(), bend.y2(), page);
        } else if (ink instanceof PageInk.Text text) {
            inside(text.x(), text.y(), page);
            if (text.align() == PageInk.Align.START) {
                inside(text.x() + Letters.width(text.text(), text.size()) - ROUNDED, text.y(), page);
            }
        }
    }

    private static void inside(double x, double y, Page page) {
        assertThat(x).isBetween(MARGIN, page.width() - MARGIN);
        assertThat(y).isBetween(MARGIN, page.height() - MARGIN);
    }

    private static List<String> texts(Page page) {
        return page.inks().stream().filter(ink -> ink instanceof PageInk.Text).map(ink -> ((PageInk.Text) ink).text())
                .toList();
    }

    private static List<String> texts(PageLayout layout, PrintKind kind, LessonPart part, String problem) {
        List<PrintQuestion> one =
                List.of(new PrintQuestion(1, ProblemText.kept(problem), "", part));
        return texts(Pages.of(new PrintOrder("T", "AAAA-A", one, layout, HouseStyle.USUAL, kind)).get(0));
    }

    @Test
    void questionsGiveNothingAwayButWhatTheirPartOfTheLessonShows() {
        PageLayout layout = PageLayout.USUAL;
        List<String> alone = texts(layout, PrintKind.QUESTIONS, LessonPart.ALONE, "58 + 67");
        assertThat(digits(alone)).isEqualTo("5867");
        assertThat(digits(texts(layout, PrintKind.QUESTIONS, LessonPart.TOGETHER, "58 + 67"))).isEqualTo("586751");
        assertThat(digits(texts(layout, PrintKind.QUESTIONS, LessonPart.SHOWN, "58 + 67"))).startsWith("58675112");
        assertThat(texts(layout, PrintKind.ANSWERS, LessonPart.ALONE, "58 + 67")).contains("58 + 67 = 125");
        assertThat(texts(layout, PrintKind.ANSWERS, LessonPart.ALONE, "sqrt 7 to 2 dp")).contains("√7 to 2 dp ≈ 2.64");
        assertThat(texts(layout, PrintKind.WORKED, LessonPart.ALONE, "58 + 67"))
                .contains("58 + 67 = 125; check: 67 + 58 = 125");
        PageLayout beside = new PageLayout(PaperSize.A4, 2, 7, false, false, false, false, false, false);
        assertThat(texts(beside, PrintKind.QUESTIONS, LessonPart.ALONE, "58 + 67")).contains("58 + 67 =");
    }

    /** The single digits on a page but for the question's number and the page's. */
    private static String digits(List<String> texts) {
        return String.join("", texts.stream().filter(text -> text.matches("\\d")).skip(1).toList());
    }

    @Test
    void carryBoxesStandOverEveryColumnButTheOnesWhetherNeededOrNot() {
        PageLayout without = PageLayout.USUAL;
        PageLayout with = new PageLayout(PaperSize.A4, 2, 7, true, true, false, true, false, false);
        assertThat(lines(with, "456 + 789") - lines(without, "456 + 789")).as("two boxes of four lines").isEqualTo(8);
        assertThat(lines(with, "412 + 113") - lines(without, "412 + 113")).isEqualTo(8);
        assertThat(lines(with, "512 - 113")).as("no carries in a subtraction").isEqualTo(lines(without, "512 - 113"));
    }

    @Test
    void linesToExplainStandUnderWhatIsDoneAloneWithTheClassesWords() {
        PageLayout plain = PageLayout.USUAL;
        PageLayout explain = new PageLayout(PaperSize.A4, 2, 7, true, false, false, true, false, false, false, true);
        assertThat(lines(explain, "456 + 789") - lines(plain, "456 + 789")).isEqualTo(3);
        assertThat(texts(explain, PrintKind.QUESTIONS, LessonPart.ALONE, "58 + 67"))
                .contains("In words, with: ones, tens, carry");
        assertThat(String.join(" ", texts(explain, PrintKind.ANSWERS, LessonPart.ALONE, "58 + 67")))
                .doesNotContain("In words");
    }

    private static long lines(PageLayout layout, String problem) {
        List<PrintQuestion> one =
                List.of(new PrintQuestion(1, ProblemText.kept(problem), "", LessonPart.ALONE));
        return Pages.of(new PrintOrder("T", "AAAA-A", one, layout, HouseStyle.USUAL, PrintKind.QUESTIONS)).get(0).inks()
                .stream().filter(ink -> ink instanceof PageInk.Line).count();
    }

    @ParameterizedTest
    @EnumSource(Operation.class)
    void versionsAreAsHardQuestionForQuestionAndShareNoNumbers(Operation operation) {
        List<FeaturedProblem> a = new Draft(new Wishes(operation, Map.of()), 6).draw(10);
        List<FeaturedProblem> b = Versions.of(a, "B", 6);
        List<FeaturedProblem> c = Versions.of(a, "C", 6);
        assertThat(Versions.of(a, "A", 6)).isEqualTo(a);
        assertThat(Versions.of(a, "B", 6)).isEqualTo(b);
        for (int i = 0; i < a.size(); i++) {
            Map<Feature, Integer> counts = a.get(i).features().counts();
            assertThat(b.get(i).features().counts()).isEqualTo(counts);
            assertThat(c.get(i).features().counts()).isEqualTo(counts);
        }
        assertThat(Stream.of(a, b, c).flatMap(List::stream).map(FeaturedProblem::likeness)).doesNotHaveDuplicates();
    }

    @Test
    void aQuestionThatStandsAloneInItsKindStaysAsItIs() {
        List<FeaturedProblem> decimals = List.of(FeaturedProblem.of(ProblemText.kept("1.25 + 0.75")));
        assertThat(Versions.of(decimals, "B", 1)).isEqualTo(decimals);
    }

    @ParameterizedTest
    @EnumSource(Operation.class)
    void aTellingSetTellsMoreApartThanTheFirstQuestionsThatComeAlong(Operation operation) {
        Wishes wishes = new Wishes(operation, Map.of());
        TellingSet telling = TellingSet.of(wishes, 6, 3);
        assertThat(telling.questions()).hasSize(6);
        assertThat(TellingSet.of(wishes, 6, 3)).isEqualTo(telling);
        assertThat(telling.answers().values()).allSatisfy(answers -> {
            assertThat(answers).hasSize(6);
            for (int i = 0; i < 6; i++) {
                assertThat(answers.get(i)).isNotEqualTo(telling.questions().get(i).features().answer());
            }
        });
        for (List<KnownSlip> pair : telling.untold()) {
            assertThat(telling.answers().get(pair.get(0))).isEqualTo(telling.answers().get(pair.get(1)));
        }
        assertThat(telling.inWords())
                .contains(telling.untold().isEmpty() ? "all of them can be told apart" : "Not to be told");
    }

    @Test
    void whatCannotBeToldApartIsSaid() {
        Wishes noCarry = new Wishes(Operation.ADDITION, Map.of(Feature.DIGITS, Wish.exactly(2), Feature.CARRIES,
                Wish.exactly(1), Feature.NEW_PLACE, Wish.of(true)));
        TellingSet telling = TellingSet.of(noCarry, 4, 1);
        assertThat(telling.answers().keySet()).extracting(KnownSlip::id)
                .as("the only carry goes out of the last column")
                .doesNotContain("carry-forgotten").contains("last-carry-lost");
        assertThat(Effort.minutes(telling.questions())).isBetween(2, 6);
    }
}
