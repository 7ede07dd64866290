package bemble.server.classes;

import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.faults.Missing;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps each teacher's classes. */
@Service
public class ClassService {
    static final int MOST_PUPILS = 60;
    private static final int MOST_NAME = 40;
    private static final int MOST_CLASSES = 60;

    private final ClassMapper classes;
    private final Clock clock;

    ClassService(ClassMapper classes, Clock clock) {
        this.classes = classes;
        this.clock = clock;
    }

    public List<SchoolClass> all(long teacherId) {
        return classes.all(teacherId).stream().map(this::withPupils).toList();
    }

    /** @throws Missing where the teacher has no such class */
    public SchoolClass find(long teacherId, long id) {
        return withPupils(classes.find(teacherId, id).orElseThrow(() ->
                new Missing("This class is not among yours. It may have been deleted; the list shows what is there.")));
    }

    /**
     * The class that a pupil is in.
     *
     * @throws Missing where the teacher has no such pupil
     */
    public SchoolClass ofPupil(long teacherId, long pupilId) {
        return withPupils(classes.ofPupil(teacherId, pupilId).orElseThrow(() ->
                new Missing("This pupil is in none of your classes. The class list shows who is there.")));
    }

    /** A pupil in whichever class of the teacher they are; nothing where they are in none. */
    public Optional<Pupil> pupil(long teacherId, long pupilId) {
        return classes.ofPupil(teacherId, pupilId).flatMap(stored -> withPupils(stored).pupil(pupilId));
    }

    private SchoolClass withPupils(StoredClass stored) {
        return new SchoolClass(stored.id(), stored.name(), classes.pupils(stored.id()));
    }

    /**
     * Makes a class.
     *
     * @param pupils short names, blank ones left out
     * @throws Refusal naming each name that cannot be taken
     */
    @Transactional
    public SchoolClass add(long teacherId, String name, List<String> pupils) {
        if (classes.all(teacherId).size() >= MOST_CLASSES) {
            throw Refusal.of("name", "You have " + MOST_CLASSES + " classes. Delete one first.");
        }
        List<String> names = checked(pupils);
        StoredClass stored = classes.add(teacherId, checked(name));
        for (int i = 0; i < names.size(); i++) {
            classes.addPupil(stored.id(), names.get(i), i);
        }
        return withPupils(stored);
    }

    /**
     * Changes a class. A pupil whose name stays is the same pupil; one whose name is no longer there leaves the class,
     * and what they wrote is kept.
     */
    @Transactional
    public SchoolClass change(long teacherId, long id, String name, List<String> pupils) {
        SchoolClass before = find(teacherId, id);
        List<String> names = checked(pupils);
        classes.rename(teacherId, id, checked(name));
        for (Pupil pupil : before.pupils()) {
            if (!names.contains(pupil.name())) {
                classes.deletePupil(id, pupil.id(), now());
            }
        }
        for (int i = 0; i < names.size(); i++) {
            String pupilName = names.get(i);
            Pupil same = before.pupils().stream().filter(pupil -> pupil.name().equals(pupilName)).findFirst().orElse(null);
            if (same == null) {
                classes.addPupil(id, pupilName, i);
            } else {
                classes.changePupil(id, same.id(), pupilName, i);
            }
        }
        return find(teacherId, id);
    }

    /**
     * Moves pupils to another class of the same teacher.
     *
     * @throws Refusal where the other class has somebody of that name, or would be too large; nobody is moved then
     */
    @Transactional
    public SchoolClass move(long teacherId, long id, List<Long> pupilIds, long toId) {
        SchoolClass from = find(teacherId, id);
        SchoolClass to = find(teacherId, toId);
        if (id == toId) {
            throw Refusal.of("toClass", "They are in " + to.name() + " already. Choose another class.");
        }
        List<Pupil> moved = from.pupils().stream().filter(pupil -> pupilIds.contains(pupil.id())).toList();
        List<String> names = new ArrayList<>(to.pupils().stream().map(Pupil::name).toList());
        moved.forEach(pupil -> names.add(pupil.name()));
        checked(names);
        for (int i = 0; i < moved.size(); i++) {
            classes.movePupil(id, moved.get(i).id(), toId, to.pupils().size() + i);
        }
        return find(teacherId, toId);
    }

    /** Deletes a pupil and all that hangs on them; it cannot be undone. */
    @Transactional
    public void deleteForGood(long teacherId, long pupilId) {
        ofPupil(teacherId, pupilId);
        classes.deletePupilForGood(teacherId, pupilId);
    }

    @Transactional
    public void delete(long teacherId, long id) {
        find(teacherId, id);
        classes.delete(teacherId, id, now());
    }

    @Transactional
    public SchoolClass restore(long teacherId, long id) {
        classes.delete(teacherId, id, null);
        return find(teacherId, id);
    }

    private static String checked(String name) {
        if (name == null || name.isBlank() || name.strip().length() > MOST_NAME) {
            throw Refusal.of("name", "Give the class a name of 1 to " + MOST_NAME + " letters.");
        }
        return name.strip();
    }

    private static List<String> checked(List<String> pupils) {
        List<Fault> faults = new ArrayList<>();
        List<String> names = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int i = 0; i < pupils.size(); i++) {
            String name = pupils.get(i) == null ? "" : pupils.get(i).strip();
            if (name.isEmpty()) {
                continue;
            }
            if (name.length() > MOST_NAME || name.codePoints().noneMatch(Character::isLetter)) {
                faults.add(new Fault("pupils[" + i + "]", "Line " + (i + 1) + ", “" + shortened(name)
                        + "”, is not a name. Type a short name of 1 to " + MOST_NAME + " letters, such as Ida M."));
            } else if (!seen.add(name.toLowerCase(Locale.ROOT))) {
                faults.add(new Fault("pupils[" + i + "]", "“" + name + "” stands there twice. Add an initial to tell them apart."));
            }
            names.add(name);
        }
        if (names.size() > MOST_PUPILS) {
            faults.add(new Fault("pupils", "A class has " + MOST_PUPILS + " pupils at most. Make two of it."));
        }
        if (!faults.isEmpty()) {
            throw Refusal.of(faults.stream().limit(20).collect(Collectors.toList()));
        }
        return names;
    }

    private static String shortened(String name) {
        return name.length() > 30 ? name.substring(0, 30) + "…" : name;
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
