package bemble.server.classes;

import bemble.core.problem.Refusal;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.List;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Classes that come with all that belongs to them: whole or not at all. */
@Service
public class ClassArrivals {
    private final ClassMapper classes;
    private final ClassService list;
    private final Clock clock;

    ClassArrivals(ClassMapper classes, ClassService list, Clock clock) {
        this.classes = classes;
        this.list = list;
        this.clock = clock;
    }

    /**
     * Makes a class that nobody sees until it has arrived with all that belongs to it.
     *
     * @throws Refusal naming each name that cannot be taken
     */
    @Transactional
    public SchoolClass begin(TeacherId teacherId, String name, List<String> pupils) {
        SchoolClass made = list.add(teacherId, name, pupils);
        classes.arrive(made.id(), true, now());
        return made;
    }

    /** Shows a class that has arrived. */
    @Transactional
    public SchoolClass arrived(TeacherId teacherId, ClassId id) {
        classes.arrive(id, false, null);
        return list.find(teacherId, id);
    }

    /** Takes a class back that has not arrived. */
    @Transactional
    public void takeBack(ClassId id) {
        classes.deletePiles(id);
        classes.deleteForGood(id);
    }

    /** Classes that were on their way when Bemble stopped are taken back: they come whole or not at all. */
    @EventListener(ApplicationReadyEvent.class)
    void takeBackHalves() {
        classes.arriving().forEach(this::takeBack);
    }

    /** Adds somebody to a class who was taken out of it before; gives their number. */
    public PupilId addFormer(ClassId id, String name) {
        return classes.addFormer(id, ClassList.checked(List.of(name)).get(0), now());
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
