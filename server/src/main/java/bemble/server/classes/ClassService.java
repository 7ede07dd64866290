package bemble.server.classes;

import bemble.core.problem.Fault;
import bemble.core.problem.Refusal;
import bemble.server.faults.ChangedElsewhere;
import bemble.server.faults.Missing;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.limits.Limits;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps each teacher's classes. */
@Service
public class ClassService {

    private final ClassMapper classes;
    private final Clock clock;

    ClassService(ClassMapper classes, Clock clock) {
        this.classes = classes;
        this.clock = clock;
    }

    public List<SchoolClass> all(TeacherId teacherId) {
        Map<ClassId, List<Pupil>> pupils =
                classes.pupilsOf(teacherId).stream().collect(Collectors.groupingBy(ClassMapper.PupilIn::classId,
                        Collectors.mapping(pupil -> new Pupil(pupil.id(), pupil.name()), Collectors.toList())));
        return classes.all(teacherId).stream().map(stored -> new SchoolClass(stored.id(), stored.name(),
                pupils.getOrDefault(stored.id(), List.of()), stored.revision()))
                .sorted(ByNumber.OF_CLASSES).toList();
    }

    /** @throws Missing where the teacher has no such class */
    public SchoolClass find(TeacherId teacherId, ClassId id) {
        return withPupils(classes.find(teacherId, id).orElseThrow(() -> new Missing(
                "This class is not among yours. It may have been deleted; the list shows what is there.")));
    }

    /**
     * The class that a pupil is in, or was taken out of.
     *
     * @throws Missing where the teacher has no such pupil
     */
    public SchoolClass ofPupil(TeacherId teacherId, PupilId pupilId) {
        return withPupils(classes.ofPupil(teacherId, pupilId).orElseThrow(ClassService::noSuchPupil));
    }

    /**
     * A pupil in whichever class of the teacher they are or were; somebody else may delete them at any moment.
     *
     * @throws Missing where the teacher has no such pupil
     */
    public Pupil findPupil(TeacherId teacherId, PupilId pupilId) {
        return pupil(teacherId, pupilId).orElseThrow(ClassService::noSuchPupil);
    }

    private static Missing noSuchPupil() {
        return new Missing("This pupil is in none of your classes. The class list shows who is there.");
    }

    /** A pupil in whichever class of the teacher they are or were; nothing where they are in none. */
    public Optional<Pupil> pupil(TeacherId teacherId, PupilId pupilId) {
        return classes.ofPupil(teacherId, pupilId).map(any -> classes.pupil(pupilId));
    }

    /** Who was taken out of a class, the latest first. */
    public List<FormerPupil> former(TeacherId teacherId, ClassId id) {
        find(teacherId, id);
        return classes.former(id);
    }

    private SchoolClass withPupils(StoredClass stored) {
        return new SchoolClass(stored.id(), stored.name(), classes.pupils(stored.id()), stored.revision());
    }

    /**
     * Makes a class.
     *
     * @param pupils short names, blank ones left out
     * @throws Refusal naming each name that cannot be taken
     */
    @Transactional
    public SchoolClass add(TeacherId teacherId, String name, List<String> pupils) {
        if (classes.all(teacherId).size() >= Limits.CLASSES) {
            throw Refusal.of("name", "You have " + Limits.CLASSES + " classes. Delete one first.");
        }
        List<String> names = ClassList.checked(pupils).stream().filter(each -> !each.isEmpty()).toList();
        StoredClass stored = classes.add(teacherId, checked(name));
        for (int i = 0; i < names.size(); i++) {
            classes.addPupil(stored.id(), names.get(i), i);
        }
        return withPupils(stored);
    }

    /**
     * Changes a class. Who stands in no line of the list leaves the class, and what they wrote is kept.
     *
     * @param revision the one that was changed
     * @throws Refusal naming each line that cannot be taken
     * @throws bemble.server.faults.Unclear where it has to be said whose a line is
     * @throws ChangedElsewhere with the class as it is now, where another window has changed it meanwhile
     */
    @Transactional
    public SchoolClass change(TeacherId teacherId, ClassId id, int revision, String name, List<ListedPupil> listed) {
        SchoolClass before = find(teacherId, id);
        if (before.revision() != revision) {
            throw new ChangedElsewhere(before);
        }
        String className = checked(name);
        List<ClassList.Line> lines = ClassList.of(listed, before.pupils(), classes.former(id));
        if (classes.change(teacherId, id, className, revision) == 0) {
            throw new ChangedElsewhere(find(teacherId, id));
        }
        Set<PupilId> stay = lines.stream().map(ClassList.Line::id).collect(Collectors.toSet());
        before.pupils().stream().filter(pupil -> !stay.contains(pupil.id()))
                .forEach(pupil -> classes.deletePupil(id, pupil.id(), now()));
        for (int i = 0; i < lines.size(); i++) {
            ClassList.Line line = lines.get(i);
            if (line.id() == null) {
                classes.addPupil(id, line.name(), i);
            } else {
                classes.changePupil(id, line.id(), line.name(), i);
            }
        }
        return find(teacherId, id);
    }

    /**
     * Adds names to a class, after those that are there.
     *
     * @throws Refusal naming each line that cannot be taken; nobody is added then
     */
    @Transactional
    public SchoolClass addNames(TeacherId teacherId, ClassId id, List<String> names) {
        SchoolClass before = find(teacherId, id);
        Set<String> there =
                before.pupils().stream().map(pupil -> ClassList.key(pupil.name())).collect(Collectors.toSet());
        List<ListedPupil> listed = new ArrayList<>(before.pupils().stream()
                .map(pupil -> new ListedPupil(pupil.id(), pupil.name(), null)).toList());
        List<String> checked = ClassList.checked(names);
        List<String> former = classes.former(id).stream().map(each -> ClassList.key(each.name())).toList();
        List<Fault> back = new ArrayList<>();
        for (int i = 0; i < checked.size(); i++) {
            String key = ClassList.key(checked.get(i));
            if (former.contains(key) && !there.contains(key)) {
                back.add(new Fault("line " + (i + 1), "Line " + (i + 1) + ": “" + checked.get(i)
                        + "” was in this class before. Bring them "
                        + "back under “Taken out of the class”, or type the name into the list if it is somebody new."));
            } else if (!key.isEmpty() && !there.contains(key)) {
                listed.add(ListedPupil.named(checked.get(i)));
            }
        }
        if (!back.isEmpty()) {
            throw Refusal.of(back);
        }
        return change(teacherId, id, before.revision(), before.name(), listed);
    }

    /**
     * Brings somebody back who was taken out of a class.
     *
     * @throws Refusal where somebody there has the same name by now, or the class is full
     */
    @Transactional
    public SchoolClass bringBack(TeacherId teacherId, PupilId pupilId) {
        SchoolClass there = ofPupil(teacherId, pupilId);
        Pupil pupil = classes.pupil(pupilId);
        if (there.pupil(pupilId).isPresent()) {
            return there;
        }
        List<String> names = new ArrayList<>(there.pupils().stream().map(Pupil::name).toList());
        names.add(pupil.name());
        ClassList.checked(names);
        classes.changePupil(there.id(), pupilId, pupil.name(), there.pupils().size());
        classes.changed(there.id());
        return find(teacherId, there.id());
    }

    /**
     * Moves pupils to another class of the same teacher.
     *
     * @throws Refusal where the other class has somebody of that name, or would be too large; nobody is moved then
     */
    @Transactional
    public SchoolClass move(TeacherId teacherId, ClassId id, List<PupilId> pupilIds, ClassId toId) {
        SchoolClass from = find(teacherId, id);
        SchoolClass to = find(teacherId, toId);
        if (id.equals(toId)) {
            throw Refusal.of("toClass", "They are in " + to.name() + " already. Choose another class.");
        }
        List<Pupil> moved = from.pupils().stream().filter(pupil -> pupilIds.contains(pupil.id())).toList();
        List<String> names = new ArrayList<>(to.pupils().stream().map(Pupil::name).toList());
        moved.forEach(pupil -> names.add(pupil.name()));
        ClassList.checked(names);
        classes.changed(id);
        classes.changed(toId);
        for (int i = 0; i < moved.size(); i++) {
            classes.movePupil(id, moved.get(i).id(), toId, to.pupils().size() + i);
        }
        return find(teacherId, toId);
    }

    /** Deletes a pupil and all that hangs on them; it cannot be undone. */
    @Transactional
    public void deleteForGood(TeacherId teacherId, PupilId pupilId) {
        classes.changed(ofPupil(teacherId, pupilId).id());
        classes.deletePupilForGood(teacherId, pupilId);
    }

    /** @throws Refusal where its pupils write at screens just now */
    @Transactional
    public void delete(TeacherId teacherId, ClassId id) {
        find(teacherId, id);
        List<String> codes = classes.openAtScreens(id);
        if (!codes.isEmpty()) {
            throw Refusal.of("", "Pupils of this class write at screens just now, under the code " + codes.get(0)
                    + ". End the code first; then the class can be deleted.");
        }
        classes.delete(teacherId, id, now());
    }

    @Transactional
    public SchoolClass restore(TeacherId teacherId, ClassId id) {
        classes.delete(teacherId, id, null);
        return find(teacherId, id);
    }

    private static String checked(String name) {
        if (name == null || name.isBlank() || name.strip().length() > Limits.NAME_LETTERS) {
            throw Refusal.of("name", "Give the class a name of 1 to " + Limits.NAME_LETTERS + " letters.");
        }
        return name.strip();
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
