package bemble.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import bemble.core.diagnosis.Remedy;
import bemble.core.hand.slipped.KnownSlip;
import bemble.core.problem.ProblemText;
import bemble.core.slip.Slips;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a row of marked answers says of a rung, and when. */
class ProgressTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 9, 7);

    /** Answers a day: + right, - wrong, h right with help, x wrong with the cause, e right on an easy question. */
    private static List<Evidence> answers(String days) {
        List<Evidence> answers = new ArrayList<>();
        for (String day : days.split(" ")) {
            String[] parts = day.split(":");
            LocalDate date = MONDAY.plusDays(Integer.parseInt(parts[0]));
            for (char each : parts[1].toCharArray()) {
                answers.add(new Evidence(date, each == '+' || each == 'h' || each == 'e', each != 'h', each != 'e',
                        each == 'x' ? "carry-forgotten" : null,
                        new Evidence.Source(1, 1, ProblemText.kept("58 + 67"), "")));
            }
        }
        return answers;
    }

    private static Standing on(String days, int day) {
        return Progress.of(answers(days), List.of(), true, MONDAY.plusDays(day), SecureRule.USUAL);
    }

    /** Days are counted from the first; what lasts has no end. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            0:+++++                                       | ''      | ''
            0:+++++ 7:+++++                               | 7-      | ''
            0:+++++ 7:+++++ 21:+++                        | 7-      | 21
            0:+++++ 7:+++++ 21:+ 23:++                    | 7-      | 21
            0:+++++ 7:+++++ 21:---                        | 7-21    | 21
            0:+++++ 7:+++++ 8:-------                     | 7-8     | ''
            0:+++++ 7:+++++ 21:--- 28:+++++++++ 35:+++++++ | 7-21 28- | 21 35
            """)
    void theCourseTellsWhenItWasSecureAndWhenItCameBack(String days, String secure, String returns) {
        RungCourse course = on(days, 40).course();
        assertThat(course.secure().stream().map(span -> nth(span.from()) + "-" + (span.until() == null ? ""
                : nth(span.until()))).toList()).isEqualTo(words(secure));
        assertThat(course.returns().stream().map(ProgressTest::nth).toList()).isEqualTo(words(returns));
    }

    private static String nth(LocalDate day) {
        return String.valueOf(ChronoUnit.DAYS.between(MONDAY, day));
    }

    private static List<String> words(String text) {
        return text.isEmpty() ? List.of() : List.of(text.split(" "));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            0:+++++ 7:+++++                         | 7  | SECURE    | two days a week apart
            0:+++++ 6:+++++                         | 6  | LEARNING  | six days are not a week
            0:++++++++++                            | 0  | LEARNING  | one good day is not enough
            0:++++- 7:+++++                         | 7  | SECURE    | one miss in ten
            0:+++++- 3:++++++ 7:++++++              | 7  | SECURE    | worked on often: as many as reach back a week
            0:++++++ 3:++++++                       | 3  | SECURE    | twelve in a row on two days, never a slip
            0:+++++++ 1:+++++++++                   | 1  | SECURE    | sixteen of sixteen
            0:++++++++++++                          | 0  | LEARNING  | twelve on one day
            0:++++++ 3:+++++                        | 3  | LEARNING  | eleven in a row
            0:x++++++ 3:++++++                      | 3  | LEARNING  | twelve in a row after a slip
            0:+x 21:+++++++++                       | 21 | SECURE    | nine right outweigh a slip of three weeks ago
            0:+x 13:+++++++++                       | 13 | LEARNING  | a slip of thirteen days ago is not old
            0:+x 21:++++++++-+                      | 21 | LEARNING  | nine right since, and one more miss
            0:-+++++ 3:++++++ 7:-+++++              | 7  | LEARNING  | two misses in eighteen
            0:+----- 3:------ 7:++++++ 10:+++++     | 10 | LEARNING  | what lies back a week is looked at too
            0:+----- 3:------ 7:++++++ 10:++++++    | 10 | SECURE    | unless twelve in a row are right since
            0:+----- 3:++++++ 7:++++++ 10:++++++    | 10 | SECURE    | what lies further back is not
            0:+++-- 7:+++++                         | 7  | LEARNING  | two misses
            0:++++x 7:+++++                         | 7  | LEARNING  | the one miss is a slip
            0:++++x 7:+++++ 14:+++++                | 14 | SECURE    | the slip lies further back
            0:eeeee 7:e++++                         | 7  | LEARNING  | four chances
            0:eeeee 7:+++++                         | 7  | SECURE    | five chances
            0:hhhhh 7:+++++                         | 7  | LEARNING  | what was helped with does not count
            0:hhhhh                                 | 0  | LEARNING  | helped only
            0:+++++ 7:+++++                         | 13 | SECURE    | before it comes back
            0:+++++ 7:+++++                         | 14 | DUE       | after a week
            0:+++++ 7:+++++                         | 90 | DUE       | absence only postpones
            0:+++++ 7:+++++ 90:+++                  | 91 | SECURE    | three right, however late
            0:+++++ 7:+++++ 14:+++                  | 34 | SECURE    | three weeks from then
            0:+++++ 7:+++++ 14:+++                  | 35 | DUE       | three weeks from then
            0:+++++ 7:+++++ 14:+++ 35:+++           | 90 | SECURE    | eight weeks from then
            0:+++++ 7:+++++ 14:+++ 35:+++           | 91 | DUE       | eight weeks from then
            0:+++++ 7:+++++ 14:++-                  | 14 | SECURE    | two of three
            0:+++++ 7:+++++ 14:++-                  | 15 | DUE       | is tried again that week
            0:+++++ 7:+++++ 14:++- 16:+++           | 17 | SECURE    | and stays
            0:+++++ 7:+++++ 14:+--                  | 14 | LEARNING  | one of three is learning again
            0:+++++ 7:+++++ 14:+-- 21:+++++         | 21 | LEARNING  | what was right before does not help
            0:+++++ 7:+++++ 9:---- 10:+             | 10 | LEARNING  | lost before it came back
            0:+++++ 7:+++++                         | 3  | LEARNING  | what lies in the future is not seen
            """)
    void theStateOfARung(String days, int day, State state, String why) {
        assertThat(on(days, day).state()).as(why).isEqualTo(state);
    }

    @Test
    void aRungNeverTriedSaysSo() {
        assertThat(Progress.of(List.of(), List.of(), true, MONDAY, SecureRule.USUAL)).isEqualTo(Standing.NONE);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            0:++x++ 2:++++x             | carry-forgotten | twice in ten
            0:++x++ 2:+++++             |                 | once
            0:++--+ 2:++x++             |                 | other misses are not this cause
            0:xx+++ 2:+++++ 4:+         |                 | five of the six since are right
            0:xx+++ 2:+-+++             | carry-forgotten | not six since
            0:xx+ 2:+-+-++              | carry-forgotten | two of the six since are wrong
            0:xx 2:++++++ 4:x           | carry-forgotten | it came back
            """)
    void aCauseThatComesTwiceShowsUntilSixGoWell(String days, String shows, String why) {
        assertThat(on(days, 30).shows()).as(why).isEqualTo(shows);
    }

    /** A quiz on day 7, of whose five questions so many were right, with what else was marked. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            0:++--+ 7:++++-             | 4 | 7  | passed | false | passed at its mark
            0:++--+ 7:++++-             | 4 | 13 | passed | false | not yet a week
            0:++--+ 7:++++-             | 4 | 14 | passed | true  | a week later it comes back
            0:++--+ 7:++++- 14:+-+      | 4 | 15 | passed | false | it came back
            0:+++++ 7:+++++             | 5 | 7  | none   | false | secure by it, so the rule has it now
            0:++--+ 7:+++--             | 3 | 30 | failed | false | three are not enough
            0:++--+ 7:+++-- 9:+++-+     | 3 | 30 | failed | false | not six since
            0:++--+ 7:+++-- 9:+++-++    | 3 | 30 | none   | false | a turn of six went well
            0:++--+ 7:+++-- 9:+-+-++    | 3 | 30 | failed | false | a turn of six did not
            """)
    void aQuizCountsUntilItIsSettled(String days, int right, int day, String counts, boolean comesBack, String why) {
        Quiz quiz = new Quiz(MONDAY.plusDays(7), right, 5, 4, "carry-forgotten");
        Quiz before = new Quiz(MONDAY, 3, 5, 4, null);
        Standing standing =
                Progress.of(answers(days), List.of(quiz, before), true, MONDAY.plusDays(day), SecureRule.USUAL);
        String last = standing.quiz() == null ? "none" : standing.quiz().isPassed() ? "passed" : "failed";
        assertThat(last).as(why).isEqualTo(counts);
        assertThat(standing.due()).as(why).isEqualTo(comesBack);
        assertThat(standing.place().movesOn()).as(why)
                .isEqualTo(counts.equals("passed") || standing.state().isReached());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            5:+++++ 7:+++++  | 5 |                 | SECURE   | ten right within a few days and a quiz passed
            5:++++- 7:+++++  | 5 |                 | SECURE   | nine of ten
            5:++++- 7:++++-  | 4 |                 | LEARNING | eight of ten are too few, quiz or no
            5:+++++ 7:+++++  | 5 | carry-forgotten | LEARNING | a slip was seen in the quiz
            7:+++++          | 5 |                 | LEARNING | a quiz alone
            """)
    void aPassedQuizStandsForTheWeek(String days, int right, String slip, State state, String why) {
        Quiz quiz = new Quiz(MONDAY.plusDays(7), right, 5, 4, slip);
        assertThat(Progress.of(answers(days), List.of(quiz), true, MONDAY.plusDays(7), SecureRule.USUAL).state())
                .as(why)
                .isEqualTo(state);
    }

    @Test
    void whatStandsRestsOnTheLastTenUnaidedAnswers() {
        Standing standing = on("0:--+++ 1:hh+++++ 8:+++", 8);
        assertThat(standing.rests()).hasSize(10).allMatch(Evidence::alone);
        assertThat(standing.right()).isEqualTo(10);
        assertThat(standing.say()).startsWith("10 of the last 10 right");
    }

    /** The order in which answers are kept says nothing; only their days do. */
    @Test
    void theOrderOfTheAnswersDoesNotMatter() {
        Random random = new Random(4);
        for (int i = 0; i < 300; i++) {
            List<Evidence> answers = new ArrayList<>();
            for (int day = 0; day < 40; day += 1 + random.nextInt(6)) {
                int count = random.nextInt(6);
                for (int each = 0; each < count; each++) {
                    // All of a day are alike, since within a day there is no order to lose.
                    answers.addAll(answers(day + ":" + "+-x".charAt(day * 7 % 3)));
                }
            }
            Standing inOrder = Progress.of(answers, List.of(), true, MONDAY.plusDays(41), SecureRule.USUAL);
            List<Evidence> mixed = new ArrayList<>(answers);
            Collections.shuffle(mixed, random);
            assertThat(Progress.of(mixed, List.of(), true, MONDAY.plusDays(41), SecureRule.USUAL)).isEqualTo(inOrder);
        }
    }

    /** What was worked out once is right on every later day until something new is answered. */
    @Test
    void daysAloneChangeNothingButWhatIsDue() {
        Random random = new Random(8);
        for (int i = 0; i < 400; i++) {
            List<Evidence> answers = new ArrayList<>();
            int last = 0;
            for (int day = 0; day < 60; day += 1 + random.nextInt(9)) {
                answers.addAll(
                        answers(day + ":" + "+".repeat(random.nextInt(9)) + (random.nextInt(5) == 0 ? "x" : "+")));
                last = day;
            }
            List<Quiz> quizzes = random.nextBoolean() ? List.of()
                    : List.of(new Quiz(MONDAY.plusDays(last), 5, 6, 4 + random.nextInt(3), null));
            Place kept = Progress.of(answers, quizzes, true, MONDAY.plusDays(last), SecureRule.USUAL).place();
            for (int later = last; later < last + 80; later += 1 + random.nextInt(7)) {
                assertThat(kept.on(MONDAY.plusDays(later)))
                        .isEqualTo(
                                Progress.of(answers, quizzes, true, MONDAY.plusDays(later), SecureRule.USUAL).place());
            }
        }
    }

    @Test
    void whatHelpsWithASlipBeginsWhereItCanShow() {
        Slips.ALL.forEach(slip -> {
            Remedy remedy = Remedy.of(slip);
            assertThat(remedy.say()).startsWith(slip.help()).endsWith(".");
            assertThat(Stream.ofNullable(remedy.rung()))
                    .allMatch(rung -> rung.wishes().operation() == slip.operation());
        });
        assertThat(Remedy.of(slip("zeros-skipped")).rung().title()).isEqualTo("across a zero");
        assertThat(Remedy.of(slip("smaller-from-larger")).rung().title()).isEqualTo("one exchange");
    }

    private static KnownSlip slip(String id) {
        return Slips.ALL.stream().filter(each -> each.id().equals(id)).findFirst().orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            0:xx+ 7:x++ 21:+++ 28:+++        | 30 | true  | last seen 3 weeks ago
            0:++ 7:+x 14:xx                  | 14 | false | last seen today
            0:xx 3:++++++++++                | 3  | true  | last seen 3 days ago, and not in the 10 answers since
            0:xx 3:+++                       | 4  | false | last seen 4 days ago
            """)
    void aSlipThroughTheWeeks(String days, int day, boolean fading, String say) {
        SlipHistory history = SlipHistory.of("carry-forgotten", answers(days), MONDAY.plusDays(day));
        assertThat(history.fading()).isEqualTo(fading);
        assertThat(history.say()).startsWith(say);
        assertThat(history.weeks().stream().mapToInt(SlipWeeks.Week::of).sum()).isEqualTo(answers(days).size());
    }
}
