package bemble.server.sets;

import bemble.core.practice.Stories;
import bemble.core.practice.Versions;
import bemble.core.practice.features.FeaturedProblem;
import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.server.faults.ChangedElsewhere;
import bemble.server.faults.Missing;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.limits.Limits;
import bemble.server.style.StyleService;
import bemble.server.web.SearchWords;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Random;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** Keeps each teacher's practice sets. */
@Service
public class SetService {

    private final SetMapper sets;
    private final StyleService styles;
    private final Stories stories;
    private final ObjectMapper json;
    private final Clock clock;

    SetService(SetMapper sets, StyleService styles, Stories stories, ObjectMapper json, Clock clock) {
        this.sets = sets;
        this.styles = styles;
        this.stories = stories;
        this.json = json;
        this.clock = clock;
    }

    public List<StoredSet> search(TeacherId teacherId, String words, boolean archived) {
        return sets.search(teacherId, SearchWords.pattern(words), archived);
    }

    public StoredSet find(TeacherId teacherId, SetId id) {
        return sets.find(teacherId, id).orElseThrow(() -> new Missing(
                "This set is not among yours. It may have been deleted; the list shows what is there."));
    }

    public SetContent content(StoredSet stored) {
        return json.readValue(stored.content(), SetContent.class);
    }

    /** The set with the questions of a version in their places, its stories told with their numbers. */
    public SetContent version(SetContent content, String letter, HouseStyle style) {
        return SetReading.version(content, letter, retelling(style));
    }

    private SetReading.Retelling retelling(HouseStyle style) {
        return (story, before, now) -> stories.again(story, before, now, style);
    }

    /** A set as its teacher sees it. */
    SetView view(TeacherId teacherId, StoredSet stored) {
        return SetView.of(stored, content(stored), styles.of(teacherId));
    }

    @Transactional
    public StoredSet add(TeacherId teacherId, SetContent content) {
        SetContent plain = SetReading.asWritten(content);
        return sets.add(teacherId, plain.title(), plain.tag(), json.writeValueAsString(plain), words(plain), now());
    }

    /**
     * Keeps what a set is now.
     *
     * @param revision the one that was changed, or null to keep this whatever came between
     * @throws ChangedElsewhere where the set was changed in another window since
     */
    @Transactional
    StoredSet change(TeacherId teacherId, SetId id, Integer revision, SetContent content) {
        SetContent plain = SetReading.asWritten(content);
        int changed = sets.change(teacherId, id, revision, plain.title(), plain.tag(), json.writeValueAsString(plain),
                words(plain), now());
        StoredSet now = find(teacherId, id);
        if (changed == 0) {
            throw new ChangedElsewhere(view(teacherId, now));
        }
        return now;
    }

    /** A copy of a set, with the same numbers or others as hard. */
    @Transactional
    StoredSet copy(TeacherId teacherId, SetId id, boolean otherNumbers) {
        SetContent content = content(find(teacherId, id));
        SetContent copied = content;
        if (otherNumbers) {
            List<FeaturedProblem> questions = SetReading.questions(content);
            copied = SetReading.renumbered(content, Versions.of(questions, "B", new Random().nextInt(1_000_000)),
                    retelling(styles.of(teacherId)));
        }
        String title = content.title() + (otherNumbers ? ", again" : ", copy");
        return add(teacherId,
                copied.with(title.substring(0, Math.min(Limits.TITLE_LETTERS, title.length())), copied.questions()));
    }

    @Transactional
    StoredSet archive(TeacherId teacherId, SetId id, boolean archived) {
        sets.archive(teacherId, id, archived);
        return find(teacherId, id);
    }

    /** @throws Refusal where pupils write it at screens just now */
    @Transactional
    void delete(TeacherId teacherId, SetId id) {
        find(teacherId, id);
        List<String> codes = sets.openAtScreens(id);
        if (!codes.isEmpty()) {
            throw Refusal.of("", "Pupils write this set at screens just now, under the code " + codes.get(0)
                    + ". End the code first; then the set can be deleted.");
        }
        sets.delete(teacherId, id, now());
    }

    @Transactional
    StoredSet restore(TeacherId teacherId, SetId id) {
        sets.restore(teacherId, id);
        return find(teacherId, id);
    }

    private static String words(SetContent content) {
        StringBuilder words = new StringBuilder(content.title()).append('\n').append(content.tag());
        content.questions().forEach(
                question -> words.append('\n').append(question.problem()).append('\n').append(question.story()));
        return SearchWords.likened(words.toString());
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
