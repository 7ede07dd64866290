package bemble.server.log.papers;

import bemble.server.limits.Limits;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * How a paper is written.
 *
 * @param settingOut whether the numbers are set out by the writer too
 * @param withCheck whether the check is written too
 * @param led whether the square that comes next is shown
 * @param marking {@code end}, {@code asked} or {@code once}: when it is marked
 * @param joinedAt the step before which everything was there already, or 0
 * @param copiedAs the problem that was copied instead of the one asked, or null
 * @param ownWay whether the answer alone is judged
 */
public record AttemptSettings(@NotNull boolean settingOut, @NotNull boolean withCheck, @NotNull boolean led,
        @NotNull(message = "Say when it is marked.") @Pattern(regexp = "end|asked|once", message = "A paper is marked at the end, when asked, or at once.") String marking,
        @Min(value = 0, message = "Steps are counted from 1.") @NotNull int joinedAt,
        @Size(max = Limits.PROBLEM_LETTERS, message = "This line is too long to be one problem.") @Nullable String copiedAs,
        @NotNull boolean ownWay) {}
