package bemble.server.marking.kept;

import bemble.core.problem.Refusal;
import bemble.server.classes.ClassService;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.faults.Missing;
import bemble.server.ids.ClassId;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import bemble.server.sets.printed.PrintedSheets;
import bemble.server.storage.Turns;
import bemble.server.style.StyleService;
import bemble.server.web.ListPage;
import bemble.server.web.SearchWords;
import java.time.Clock;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/** The piles of a teacher: begun, found, opened, deleted and brought back. */
@Service
public class Piles {
    /** Of so many piles those that wait are told. */
    private static final int NEWEST = 120;

    private final MarkingMapper markings;
    private final ClassService classes;
    private final PrintedSheets sheets;
    private final StyleService styles;
    private final ObjectMapper json;
    private final Clock clock;
    private final AnswerChanges changes;
    private final Turns turns;

    Piles(MarkingMapper markings, ClassService classes, PrintedSheets sheets, StyleService styles, ObjectMapper json,
            Clock clock,
            AnswerChanges changes, Turns turns) {
        this.turns = turns;
        this.markings = markings;
        this.classes = classes;
        this.sheets = sheets;
        this.styles = styles;
        this.json = json;
        this.clock = clock;
        this.changes = changes;
    }

    /** Piles newest first, those whose title, class or code has the words. */
    public ListPage<MarkingLine> search(TeacherId teacherId, String words, int offset, int most) {
        String pattern = SearchWords.pattern(words);
        String code = "\"code\":\"[^\"]*" + Pattern.quote(words.strip().toLowerCase(Locale.ROOT));
        return new ListPage<>(
                markings.search(teacherId, pattern, code, offset, most).stream().map(Piles::line).toList(),
                markings.countMatching(teacherId, pattern, code));
    }

    /** Piles with papers that wait to be marked, newest first. */
    public List<MarkingLine> waiting(TeacherId teacherId, int most) {
        return markings.waiting(teacherId, NEWEST, most).stream().map(Piles::line).toList();
    }

    private static MarkingLine line(MarkingMapper.Line line) {
        return new MarkingLine(line.id(), line.title(), line.className(), line.begunAt(),
                Math.max(line.marked(), line.pupils()), line.marked());
    }

    /**
     * Begins to mark a class's papers of a sheet.
     *
     * @param code the sheet's printed code, or null where it is a set as it is now
     */
    @Transactional
    public MarkingLine begin(TeacherId teacherId, ClassId classId, @Nullable String code, @Nullable SetId setId) {
        if ((code == null || code.isBlank()) == (setId == null)) {
            throw Refusal.of("code", "Type the code at the foot of the sheet, like K7PT-A, or choose a set.");
        }
        SchoolClass schoolClass = classes.find(teacherId, classId);
        if (schoolClass.pupils().isEmpty()) {
            throw Refusal.of("classId", schoolClass.name() + " has no pupils yet. Type their names first.");
        }
        PrintedSheets.Sheet sheet = setId == null ? sheets.printed(teacherId, Objects.requireNonNull(code))
                : sheets.ofSet(teacherId, setId);
        if (sheet.problems().isEmpty()) {
            throw Refusal.of("setId", "This set has no questions yet.");
        }
        StoredMarking stored = markings.add(teacherId, classId, sheet.title(), now(), LocalDate.now(clock),
                json.writeValueAsString(List.of(new PileSheet(sheet.code(), sheet.problems(), sheet.passMark()))));
        return new MarkingLine(stored.id(), stored.title(), schoolClass.name(), stored.begunAt(),
                schoolClass.pupils().size(), 0);
    }

    /** A marking with all its papers. */
    public OpenPile open(TeacherId teacherId, MarkingId id) {
        return open(teacherId, id, markings.answers(id));
    }

    /** The same with what stands on one pupil's paper alone: what is done to one does not wait for the others to be read. */
    public OpenPile openFor(TeacherId teacherId, MarkingId id, PupilId pupilId) {
        return open(teacherId, id, markings.answersOf(id, pupilId));
    }

    /** The same to be changed: nobody else changes the pile until the transaction ends, so that what was checked stays so. */
    @Transactional(propagation = Propagation.MANDATORY)
    public OpenPile openToChange(TeacherId teacherId, MarkingId id, PupilId pupilId) {
        turns.of(id);
        return openFor(teacherId, id, pupilId);
    }

    /** All of it to be changed. */
    @Transactional(propagation = Propagation.MANDATORY)
    public OpenPile openToChange(TeacherId teacherId, MarkingId id) {
        turns.of(id);
        return open(teacherId, id);
    }

    private OpenPile open(TeacherId teacherId, MarkingId id, List<MarkedAnswer> answers) {
        StoredMarking stored = markings.find(teacherId, id).orElseThrow(() -> new Missing(
                "These papers are not among yours. They may have been deleted; the list shows what is there."));
        Map<PupilId, StoredPaper> papers = new HashMap<>();
        markings.papers(id).forEach(paper -> papers.put(paper.pupilId(), paper));
        return new OpenPile(stored, withThoseWhoLeft(teacherId, classes.find(teacherId, stored.classId()), answers),
                stored.read(json), papers,
                answers.stream()
                        .collect(Collectors.groupingBy(MarkedAnswer::pupilId, LinkedHashMap::new, Collectors.toList())),
                styles.of(teacherId));
    }

    /** Who has moved on to another class since still has a paper in the pile. */
    private SchoolClass withThoseWhoLeft(TeacherId teacherId, SchoolClass now, List<MarkedAnswer> answers) {
        List<Pupil> pupils = new ArrayList<>(now.pupils());
        answers.stream().map(MarkedAnswer::pupilId).distinct()
                .filter(pupilId -> now.pupils().stream().noneMatch(pupil -> pupil.id().equals(pupilId)))
                .forEach(pupilId -> classes.pupil(teacherId, pupilId).ifPresent(pupils::add));
        return now.with(pupils);
    }

    /** Puts a printed sheet to those of a pile, where it is not one of them yet. */
    PrintedSheets.Sheet addSheet(TeacherId teacherId, OpenPile open, String code) {
        PrintedSheets.Sheet printed = sheets.printed(teacherId, code);
        if (open.sheets().stream().noneMatch(sheet -> sheet.code().equals(printed.code()))) {
            List<PileSheet> more = new ArrayList<>(open.sheets());
            more.add(new PileSheet(printed.code(), printed.problems(), printed.passMark()));
            markings.changeSheets(teacherId, open.stored().id(), json.writeValueAsString(more));
        }
        return printed;
    }

    /** Says on which day the papers were written, where it was not the day they were begun to be marked. */
    @Transactional
    public void workedOn(TeacherId teacherId, MarkingId id, LocalDate day) {
        openToChange(teacherId, id);
        if (day.isAfter(LocalDate.now(clock))) {
            throw Refusal.of("workedOn", "This day is still to come. Give the day on which the papers were written.");
        }
        markings.changeDay(teacherId, id, day);
        changes.inMarking(id);
    }

    /** @throws Refusal where pupils write in it just now */
    @Transactional
    public void delete(TeacherId teacherId, MarkingId id) {
        openToChange(teacherId, id);
        List<String> codes = markings.openAtScreens(id);
        if (!codes.isEmpty()) {
            throw Refusal.of("", "Pupils write these papers at screens just now, under the code " + codes.get(0)
                    + ". End the code first; then the pile can be deleted.");
        }
        markings.delete(teacherId, id, now());
        changes.inMarking(id);
    }

    @Transactional
    public void restore(TeacherId teacherId, MarkingId id) {
        markings.delete(teacherId, id, null);
        changes.inMarking(id);
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
