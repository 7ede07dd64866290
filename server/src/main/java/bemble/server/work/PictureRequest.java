package bemble.server.work;

import bemble.server.load.CostlyRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Positive;

/**
 * A working of which a picture is wanted.
 *
 * @param step after which step; what comes later is left out
 * @param form png or svg
 */
record PictureRequest(@NotNull(message = "Say what is to be worked.") @Valid WorkRequest work,
        @Positive(message = "Steps are counted from 1.") int step,
        @NotNull(message = "A picture is a png or an svg.") PictureForm form) implements CostlyRequest {
    private static final int TIMES_A_WORKING = 3;

    /** The forms of a picture. */
    enum PictureForm {
        PNG,
        SVG
    }

    @Override
    public int cost() {
        return work == null ? 0 : TIMES_A_WORKING * work.cost();
    }
}
