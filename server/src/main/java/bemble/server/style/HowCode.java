package bemble.server.style;

import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.limits.Limits;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * A teacher's own code for how an answer came about, written beside it when marking.
 *
 * @param code a few letters without a space
 * @param name what it means
 * @param alone whether the pupil did it without anybody's help, so that it counts for what they can do
 */
public record HowCode(@NotNull String code, @NotNull String name, @NotNull boolean alone) {
    static final List<HowCode> USUAL = List.of(new HowCode("a", "alone", true), new HowCode("h", "helped", false),
            new HowCode("t", "talked through", false));

    /** @throws Refusal naming each code that cannot be used */
    static List<HowCode> checked(List<HowCode> codes) {
        List<Fault> faults = new ArrayList<>();
        if (codes.size() > Limits.OWN_CODES) {
            faults.add(new Fault("howCodes", "These are more codes than " + Limits.OWN_CODES + ". Leave some out."));
        }
        List<HowCode> kept = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < codes.size(); i++) {
            HowCode each = codes.get(i);
            String code = each == null || each.code() == null ? "" : each.code().strip().toLowerCase(Locale.ROOT);
            String name = each == null || each.name() == null ? "" : each.name().strip();
            if (!code.matches("[\\p{L}\\d]{1," + Limits.OWN_CODE_LETTERS + "}")) {
                faults.add(new Fault("howCodes[" + i + "].code",
                        "A code is 1 to " + Limits.OWN_CODE_LETTERS + " letters without a space, like h."));
            } else if (!seen.add(code)) {
                faults.add(new Fault("howCodes[" + i + "].code",
                        "The code " + code + " stands there twice. Change one of them."));
            }
            if (name.isEmpty() || name.length() > Limits.NAME_LETTERS) {
                faults.add(new Fault("howCodes[" + i + "].name",
                        "Say in 1 to " + Limits.NAME_LETTERS + " letters what the code means, like helped."));
            }
            kept.add(new HowCode(code, name, each != null && each.alone()));
        }
        if (!faults.isEmpty()) {
            throw Refusal.of(faults);
        }
        return kept;
    }
}
