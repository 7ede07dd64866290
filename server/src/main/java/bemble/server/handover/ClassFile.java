package bemble.server.handover;

import bemble.server.limits.Limits;
import com.fasterxml.jackson.annotation.JsonInclude;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** A class in a file of its own: everything that is known of it, as docs/formats/class.md describes it. */
record ClassFile(@NotNull(message = "This is no class of Bemble’s: its format is missing.") String format,
        @NotNull(message = "The class has no name.") String name, @Nullable LocalDate written,
        @NotNull(message = "The pupils are missing.") @Size(max = Limits.PUPILS_IN_FILE, message = "These are more pupils than a class has.") List<@Valid @NotNull(message = "A pupil is missing.") PupilInFile> pupils) {
    static final String FORMAT = "bemble-class-1";

    /**
     * @param quizzes may be left out, as files written before have none
     * @param left whether the pupil was taken out of the class; left out where they are in it
     */
    record PupilInFile(@NotNull(message = "A pupil has no name.") String name,
            @NotNull(message = "The answers are missing; there may be none.") @Size(max = Limits.ANSWERS_IN_FILE, message = "These are more answers than anybody writes.") List<@Valid @NotNull(message = "An answer is missing.") AnswerInFile> answers,
            @NotNull(message = "The rungs are missing; there may be none.") @Size(max = Limits.RUNGS, message = "These are more rungs than there are.") List<@Valid @NotNull(message = "A rung is missing.") RungInFile> rungs,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) @Size(max = Limits.QUIZZES_IN_FILE, message = "These are more quizzes than anybody writes.") List<@Valid @NotNull(message = "A quiz is missing.") QuizInFile> quizzes,
            @Nullable Boolean left) {
        PupilInFile {
            quizzes = quizzes == null ? List.of() : quizzes;
        }

        boolean hasLeft() {
            return Boolean.TRUE.equals(left);
        }
    }

    /** A sheet that a pupil worked as a quiz; its answers stand among the others, what was left blank is not right. */
    record QuizInFile(@NotNull(message = "A quiz has no day.") LocalDate day,
            @NotNull(message = "A quiz has no sheet.") @Size(max = Limits.SHEET_TITLE_LETTERS, message = "A sheet’s title is too long.") String sheet,
            @Min(value = 1, message = "A quiz is passed with one right answer at least.") @Max(value = Limits.QUESTIONS, message = "A sheet has {value} questions at most.") @NotNull int passMark,
            @NotNull(message = "A quiz has no problems.") @Size(min = 1, max = Limits.QUESTIONS, message = "A sheet has 1 to {max} questions.") List<@NotNull(message = "A problem is missing.") @Size(max = Limits.PROBLEM_LETTERS, message = "A problem is too long.") String> problems) {}

    /**
     * @param fact the fact missed where the cause is one
     * @param judgements what colleagues said of it; may be left out
     */
    record AnswerInFile(@NotNull(message = "An answer has no day.") LocalDate day,
            @NotNull(message = "An answer has no sheet.") @Size(max = Limits.SHEET_TITLE_LETTERS, message = "A sheet’s title is too long.") String sheet,
            @Min(value = 1, message = "Questions are counted from 1.") @Max(value = Limits.QUESTIONS, message = "A sheet has {value} questions at most.") @NotNull int question,
            @NotNull(message = "An answer has no problem.") @Size(max = Limits.PROBLEM_LETTERS, message = "A problem is too long.") String problem,
            @NotNull boolean right,
            @NotNull(message = "What was given is missing; it may be empty.") @Size(max = Limits.ANSWER_LETTERS, message = "An answer is too long.") String given,
            @NotNull(message = "The correction is missing; it may be empty.") @Size(max = Limits.ANSWER_LETTERS, message = "A correction is too long.") String correction,
            @NotNull boolean alone, @Nullable String cause, @NotNull boolean confirmed,
            @Size(max = Limits.FACT_LETTERS, message = "A fact is too long.") @Nullable String fact,
            @JsonInclude(JsonInclude.Include.NON_EMPTY) @Size(max = Limits.JUDGEMENTS, message = "A piece has two judgements at most.") List<@Valid @NotNull(message = "A judgement is missing.") JudgementInFile> judgements) {
        AnswerInFile {
            judgements = judgements == null ? List.of() : judgements;
        }
    }

    record JudgementInFile(@NotNull(message = "A judgement has no day.") LocalDate day,
            @NotNull(message = "A judgement is nobody’s.") @Size(max = Limits.JUDGE_LETTERS, message = "A judge’s name is too long.") String judge,
            @NotNull(message = "A judgement says nothing.") @Size(max = Limits.REASON_LETTERS, message = "A judgement is too long.") String says) {}

    /** @param ruled whether the teacher said so */
    record RungInFile(
            @NotNull(message = "A rung has no name.") @Size(max = Limits.RUNG_LETTERS, message = "A rung’s name is too long.") String rung,
            @NotNull(message = "A rung has no state.") String state,
            @NotNull(message = "What a rung rests on is missing.") @Size(max = Limits.REASON_LETTERS, message = "A reason is too long.") String say,
            @NotNull boolean ruled) {}
}
