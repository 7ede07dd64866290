package bemble.server.handover;

import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;

/** A class in a file of its own: everything that is known of it. */
record ClassFile(@NotNull String format, @NotNull String name, @NotNull LocalDate written, @NotNull List<PupilInFile> pupils) {
    static final String FORMAT = "bemble-class-1";

    record PupilInFile(@NotNull String name, @NotNull List<AnswerInFile> answers, @NotNull List<RungInFile> rungs) {}

    record AnswerInFile(@NotNull LocalDate day, @NotNull String sheet, @NotNull int question, @NotNull String problem, @NotNull boolean right,
                        @NotNull String given, @NotNull String correction, @NotNull boolean alone, String cause, @NotNull boolean confirmed) {}

    record RungInFile(@NotNull String rung, @NotNull String state, @NotNull String say) {}
}
