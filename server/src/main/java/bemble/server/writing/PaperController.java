package bemble.server.writing;

import bemble.server.load.CostlyRequest;
import bemble.server.work.WorkRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The paper to write on, with its squares; for anybody, and nothing is stored. */
@RestController
class PaperController {
    private static final int HANDS = 4;

    /**
     * @param settingOut whether the numbers are to be set out too
     * @param withCheck whether the check is to be written too
     */
    record PaperRequest(@NotNull(message = "Say which problem it is for.") @Valid WorkRequest work,
            @Nullable Boolean settingOut,
            @Nullable Boolean withCheck) implements CostlyRequest {
        /** Its squares are those of every slip. */
        @Override
        public int cost() {
            return work == null ? 0 : HANDS * work.cost();
        }
    }

    /** The paper to write a problem on, with its squares. */
    @PostMapping("/api/paper")
    PaperView paper(@Valid @RequestBody PaperRequest request) {
        return PaperView.of(request.work().order(), Boolean.TRUE.equals(request.settingOut()),
                Boolean.TRUE.equals(request.withCheck()));
    }
}
