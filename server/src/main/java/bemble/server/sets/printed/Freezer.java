package bemble.server.sets.printed;

import bemble.core.style.HouseStyle;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.sets.SetContent;
import bemble.server.sets.SetService;
import bemble.server.style.StyleText;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** Freezes sets as they are printed, each version under a code of its own. */
@Component
class Freezer {
    /** Letters that are not taken for one another. */
    private static final String LETTERS = "ACDEFGHJKLMNPQRTUVWXY3479";
    private static final int CODE_LENGTH = 4;

    private final SetService sets;
    private final PrintMapper prints;
    private final StyleText styles;
    private final ObjectMapper json;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    Freezer(SetService sets, PrintMapper prints, StyleText styles, ObjectMapper json, Clock clock) {
        this.sets = sets;
        this.prints = prints;
        this.styles = styles;
        this.json = json;
        this.clock = clock;
    }

    /** All versions or none; what is printed unchanged keeps its code. */
    @Transactional
    public List<StoredPrint> freeze(TeacherId teacherId, SetId setId, SetContent content, List<String> versions,
            HouseStyle style) {
        String choices = styles.write(style);
        List<StoredPrint> frozen = new ArrayList<>();
        String code = null;
        for (String version : versions) {
            String text = json.writeValueAsString(sets.version(content, version, style));
            StoredPrint same =
                    prints.findSame(teacherId, setId, version, text, choices).stream().findFirst().orElse(null);
            if (same != null) {
                frozen.add(same);
                continue;
            }
            code = code == null ? newCode() : code;
            frozen.add(prints.add(teacherId, new StoredPrint(setId, code + "-" + version, version,
                    OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS), text, choices)));
        }
        return frozen;
    }

    private String newCode() {
        StringBuilder code = new StringBuilder();
        do {
            code.setLength(0);
            random.ints(CODE_LENGTH, 0, LETTERS.length()).forEach(i -> code.append(LETTERS.charAt(i)));
        } while (prints.isTaken(code.toString()));
        return code.toString();
    }
}
