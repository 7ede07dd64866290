package bemble.server.style;

import bemble.server.ids.TeacherId;
import bemble.server.storage.Turns;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** Keeps each teacher's preferences. */
@Service
public class PreferencesService {
    private final Turns turns;
    private final PreferencesMapper preferences;
    private final ObjectMapper json;
    private final ApplicationEventPublisher events;

    PreferencesService(PreferencesMapper preferences, ObjectMapper json, ApplicationEventPublisher events,
            Turns turns) {
        this.turns = turns;
        this.events = events;
        this.preferences = preferences;
        this.json = json;
    }

    public Preferences of(TeacherId teacherId) {
        return preferences.find(teacherId).map(this::read).orElse(Preferences.USUAL);
    }

    /** Changes what is given and keeps the rest; one change after the other, so that none is lost. */
    @Transactional
    public Preferences change(TeacherId teacherId, Map<String, String> cues, @Nullable Boolean letterKeys,
            @Nullable List<HowCode> howCodes,
            @Nullable Boolean skipsFirstSteps) {
        turns.of(teacherId);
        preferences.begin(teacherId, json.writeValueAsString(Preferences.USUAL));
        Preferences changed = read(preferences.lock(teacherId)).with(cues, letterKeys, howCodes, skipsFirstSteps);
        preferences.save(teacherId, json.writeValueAsString(changed));
        if (howCodes != null) {
            events.publishEvent(new HowCodesChanged(teacherId));
        }
        return changed;
    }

    private Preferences read(String stored) {
        return json.readValue(stored, Preferences.class);
    }
}
