package bemble.server.handover;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;

/** A class in a file of its own: everything that is known of it, as docs/formats/class.md describes it. */
record ClassFile(@NotNull(message = "This is no class of Bemble’s: its format is missing.") String format,
                 @NotNull(message = "The class has no name.") String name, LocalDate written,
                 @NotNull(message = "The pupils are missing.") @Size(max = 60, message = "These are more pupils than a class has.")
                 List<@Valid @NotNull(message = "A pupil is missing.") PupilInFile> pupils) {
    static final String FORMAT = "bemble-class-1";

    record PupilInFile(@NotNull(message = "A pupil has no name.") String name,
                       @NotNull(message = "The answers are missing; there may be none.")
                       @Size(max = 20_000, message = "These are more answers than anybody writes.")
                       List<@Valid @NotNull(message = "An answer is missing.") AnswerInFile> answers,
                       @NotNull(message = "The rungs are missing; there may be none.") @Size(max = 100, message = "These are more rungs than there are.")
                       List<@Valid @NotNull(message = "A rung is missing.") RungInFile> rungs) {}

    record AnswerInFile(@NotNull(message = "An answer has no day.") LocalDate day,
                        @NotNull(message = "An answer has no sheet.") @Size(max = 180, message = "A sheet’s title is too long.") String sheet,
                        @Min(value = 1, message = "Questions are counted from 1.") @Max(value = 200, message = "A sheet has 200 questions at most.")
                        @NotNull int question,
                        @NotNull(message = "An answer has no problem.") @Size(max = 700, message = "A problem is too long.") String problem,
                        @NotNull boolean right,
                        @NotNull(message = "What was given is missing; it may be empty.") @Size(max = 120, message = "An answer is too long.") String given,
                        @NotNull(message = "The correction is missing; it may be empty.") @Size(max = 120, message = "A correction is too long.")
                        String correction,
                        @NotNull boolean alone, String cause, @NotNull boolean confirmed) {}

    /** @param ruled whether the teacher said so */
    record RungInFile(@NotNull(message = "A rung has no name.") String rung, @NotNull(message = "A rung has no state.") String state,
                      @NotNull(message = "What a rung rests on is missing.") @Size(max = 400, message = "A reason is too long.") String say,
                      @NotNull boolean ruled) {}
}
