package bemble.server.glance;

import bemble.core.problem.Operation;
import bemble.server.classes.Pupil;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Where a class stands, a stair for each operation that was tried. */
record StairView(@NotNull List<Stair> stairs) {
    record Stair(@NotNull Operation operation, @NotNull List<Tread> treads) {}

    /**
     * A step of a stair.
     *
     * @param rung left out where it is the floor, on which those stand who have none secure yet
     * @param pupils those whose highest secure rung it is
     * @param came those of them who have it secure since four weeks at most
     * @param say it in words
     */
    record Tread(@Nullable String rung, @NotNull String title, @NotNull List<Pupil> pupils,
            @NotNull List<Pupil> came, @NotNull String say) {}
}
