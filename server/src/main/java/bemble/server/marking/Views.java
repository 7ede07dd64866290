package bemble.server.marking;

import bemble.core.diagnosis.MarkingKey.KeyCode;
import bemble.core.diagnosis.MarkingKey.KeyLine;
import bemble.core.problem.Operation;
import bemble.server.classes.Pupil;
import bemble.server.ids.ClassId;
import bemble.server.ids.MarkingId;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.AnswerVerdict;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What a marking looks like to who marks. */
final class Views {
    private Views() {}

    /** A question of a sheet with its right answer. */
    record QuestionLine(@NotNull String problem, @NotNull Operation operation, @NotNull String answer) {}

    /** A sheet with its code. */
    record MarkedSheetView(@NotNull String code, @NotNull List<QuestionLine> questions) {}

    /**
     * A cause that may have led to an answer.
     *
     * @param sureness fits, likely or all but sure
     */
    record Presumed(@NotNull String slip, @Nullable String with, @NotNull String name, @NotNull String label,
            @NotNull String sureness) {}

    /**
     * An answer on a pupil's paper.
     *
     * @param presumed what fits a wrong answer, likeliest first
     * @param say where none of that is likely, a sentence that tells so; else nothing
     * @param cause what the teacher decided, or left out
     * @param causeName the same in a few words
     * @param marks the marks its paper got, where there is one and the house style gives marks for method
     * @param revision how often it was changed
     */
    record PaperAnswerView(@NotNull int question, @NotNull AnswerState state, @NotNull String given,
            @NotNull String correction,
            @NotNull String how, @NotNull AnswerVerdict verdict, @NotNull List<Presumed> presumed, @NotNull String say,
            @Nullable String cause,
            @Nullable String causeName, @Nullable MarksOfPaper marks, @NotNull int revision) {}

    record MarksOfPaper(@NotNull int given, @NotNull int of) {}

    /**
     * A pupil's paper.
     *
     * @param judged whether what fits its wrong answers is among them; else that follows
     * @param trouble why what fits its wrong answers will not follow; left out where it is there or on its way
     */
    record MarkedPaperView(@NotNull Pupil pupil, @NotNull String sheet, @NotNull boolean absent,
            @NotNull List<PaperAnswerView> answers,
            @NotNull boolean judged, @Nullable String trouble) {}

    /** A marking with all its papers. */
    record MarkingView(@NotNull MarkingId id, @NotNull String title, @NotNull ClassId classId,
            @NotNull String className,
            @NotNull OffsetDateTime begunAt, @NotNull LocalDate workedOn, @NotNull List<MarkedSheetView> sheets,
            @NotNull List<MarkedPaperView> papers,
            @NotNull List<CauseChoice> causes) {}

    /**
     * A cause that a teacher may decide on.
     *
     * @param operation the operation whose slip it is; left out where only the book shows it
     */
    record CauseChoice(@NotNull String id, @NotNull String name, @Nullable Operation operation) {}

    /**
     * A cause of several answers with what it rests on.
     *
     * @param shownIn a question of the pupil's in which it shows
     */
    record CauseLine(@NotNull String slip, @Nullable String with, @NotNull Operation operation, @NotNull String name,
            @NotNull String say, @NotNull String sureness,
            @NotNull int explains, @NotNull int of, @NotNull String help, @NotNull String shownIn) {}

    record MissedFact(@NotNull String fact, @NotNull int missed, @NotNull int of) {}

    /**
     * A pupil's whole paper judged together.
     *
     * @param say where several answers are wrong and no cause is likely, a sentence that tells so; else nothing
     * @param quiz what came of it, in a few words, where the sheet is a quiz and all of it is marked
     */
    record PupilView(@NotNull Pupil pupil, @NotNull int right, @NotNull int wrong, @NotNull int others,
            @NotNull List<CauseLine> causes, @NotNull List<MissedFact> facts, @NotNull String say,
            @Nullable String quiz) {}

    /** A question that went wrong, how often, and the wrong answers given most. */
    record QuestionCount(@NotNull int question, @NotNull String problem, @NotNull String answer, @NotNull int wrong,
            @NotNull int of, @NotNull List<String> answers) {}

    /**
     * Pupils who share a slip.
     *
     * @param example another question in which it shows, so that nobody knows whose mistake it was
     * @param telling a question that tells whether it is still there
     * @param shownIn a question of one of theirs in which it shows
     */
    record SlipGroup(@NotNull String slip, @NotNull Operation operation, @NotNull String name,
            @NotNull String label,
            @NotNull String help,
            @NotNull List<String> pupils, @NotNull String sureness, @Nullable String example,
            @Nullable String telling, @NotNull String shownIn) {}

    /**
     * An answer in the picture of a pile.
     *
     * @param verdict left out where nothing is marked
     * @param ofBand whether it is put down to what its band is about
     */
    record PileSquare(@Nullable AnswerVerdict verdict, @NotNull String given, @NotNull boolean ofBand) {}

    /** @param say the row in words */
    record PileRow(@NotNull Pupil pupil, @NotNull List<PileSquare> squares, @NotNull String say) {}

    /**
     * Rows that belong together.
     *
     * @param slip what they share; left out where it is no slip
     */
    record PileBand(@NotNull String title, @Nullable String slip, @NotNull List<PileRow> rows) {}

    /**
     * A pile as squares: pupils down, questions across, those who share a cause together.
     *
     * @param wrong how many answers to each question are wrong
     * @param of how many answers to each are right or wrong
     */
    record PilePicture(@NotNull List<PileBand> bands, @NotNull List<Integer> wrong, @NotNull List<Integer> of) {}

    /** What a class's papers show together. */
    record ClassView(@NotNull PilePicture picture, @NotNull List<QuestionCount> questions,
            @NotNull List<SlipGroup> groups,
            @NotNull List<ClassFact> facts,
            @NotNull List<PupilView> pupils) {}

    /** A fact that pupils missed. */
    record ClassFact(@NotNull String fact, @NotNull List<String> pupils) {}

    /** A code to write beside a wrong answer. */
    record KeyCodeView(@NotNull String code, @NotNull List<String> slips, @NotNull String name) {}

    /** A likely wrong answer with the codes of what leads to it. */
    record KeyAnswerView(@NotNull String answer, @NotNull List<String> codes) {}

    record KeyLineView(@NotNull String problem, @NotNull String answer, @NotNull List<KeyAnswerView> wrong) {}

    /** A sheet of the pile, question by question. */
    record KeySheetView(@NotNull String code, @NotNull List<KeyLineView> lines) {
        static KeySheetView of(SheetLines sheet) {
            return new KeySheetView(sheet.code(), sheet.lines().stream().map(line -> new KeyLineView(line.problem(),
                    line.answer(),
                    line.wrong().stream().map(wrong -> new KeyAnswerView(wrong.answer(), wrong.codes())).toList()))
                    .toList());
        }
    }

    /** The key to mark books by; the letters are the same on all sheets of the pile. */
    record KeyView(@NotNull List<KeyCodeView> codes, @NotNull List<KeySheetView> sheets) {
        static KeyView of(PileKey key) {
            return new KeyView(
                    key.codes().stream().map(code -> new KeyCodeView(code.code(), code.slips(), code.name())).toList(),
                    key.sheets().stream().map(KeySheetView::of).toList());
        }
    }

    /** The key to a pile; a sheet that only some have goes under the letters of the first. */
    record PileKey(List<KeyCode> codes, List<SheetLines> sheets) {}

    /** The lines for a sheet of that code. */
    record SheetLines(String code, List<KeyLine> lines) {}
}
