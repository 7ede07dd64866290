package bemble.server.style;

import bemble.core.style.HouseStyle;
import bemble.server.account.SignedIn;
import bemble.server.ids.TeacherId;
import bemble.server.storage.Turns;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps each teacher's house style. */
@Service
public class StyleService {
    private final Turns turns;
    private final StyleMapper styles;
    private final StyleText text;

    StyleService(StyleMapper styles, StyleText text, Turns turns) {
        this.turns = turns;
        this.styles = styles;
        this.text = text;
    }

    public HouseStyle of(TeacherId teacherId) {
        return styles.find(teacherId).map(text::read).map(HouseStyle.USUAL::with).orElse(HouseStyle.USUAL);
    }

    /** The house style of whoever looks; the usual one where nobody is signed in. */
    public HouseStyle ofViewer(@Nullable SignedIn viewer) {
        return viewer == null ? HouseStyle.USUAL : of(viewer.id());
    }

    /** Changes some choices and keeps the others; one change after the other, so that none is lost. */
    @Transactional
    public HouseStyle change(TeacherId teacherId, Map<String, String> choices) {
        turns.of(teacherId);
        styles.begin(teacherId, text.write(HouseStyle.USUAL));
        HouseStyle changed = HouseStyle.USUAL.with(text.read(styles.lock(teacherId))).with(choices);
        styles.save(teacherId, text.write(changed));
        return changed;
    }
}
