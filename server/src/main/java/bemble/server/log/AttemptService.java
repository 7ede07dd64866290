package bemble.server.log;

import bemble.core.order.WorkOrder;
import bemble.core.print.OwnWork;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Punctuation;
import bemble.core.problem.Refusal;
import bemble.core.sheet.SheetMark;
import bemble.core.style.HouseStyle;
import bemble.core.writing.WritingPaper;
import bemble.server.faults.ChangedElsewhere;
import bemble.server.faults.Missing;
import bemble.server.style.StyleText;
import bemble.server.work.WorkRequest;
import bemble.server.writing.FigureRequest;
import bemble.server.writing.MarkRequest;
import bemble.server.writing.MarkResponse;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** Keeps papers while they are written, and after. */
@Service
class AttemptService {
    static final String OPEN = "open";
    private static final int MOST_FIGURES = 20_000;
    private static final TypeReference<List<AttemptFigure>> FIGURES = new TypeReference<>() {};

    private final LogMapper log;
    private final AttemptMapper attempts;
    private final StyleText styles;
    private final ObjectMapper json;
    private final Clock clock;

    AttemptService(LogMapper log, AttemptMapper attempts, StyleText styles, ObjectMapper json, Clock clock) {
        this.log = log;
        this.attempts = attempts;
        this.styles = styles;
        this.json = json;
        this.clock = clock;
    }

    /** A paper with its entry in the log. */
    record Attempt(LogEntry entry, AttemptSettings settings, List<AttemptFigure> figures, UUID run, Long setId,
                   Integer question) {}

    /** Where a paper comes from: the run, set and question, all of which may be null. */
    record Source(UUID run, Long setId, Integer question) {}

    /** A paper to begin. */
    record ToBegin(WorkOrder order, AttemptSettings settings, Source source, String label) {}

    /** Begins a paper; where somebody joins in at a step, what comes before stands there already. */
    @Transactional
    Attempt begin(long teacherId, ToBegin paper) {
        List<AttemptFigure> figures = paper.settings().joinedAt() == 0 ? List.of() : WritingPaper.of(paper.order(),
                        paper.settings().settingOut(), paper.settings().withCheck()).before(paper.settings().joinedAt()).stream()
                .map(AttemptService::asWritten).toList();
        NewEntry entry = NewEntry.of(paper.order(), UUID.randomUUID(), now(),
                new Remarks(paper.label(), "", false, "", null), styles).written(OPEN, "", "");
        LogEntry added = log.add(teacherId, entry);
        Source source = paper.source();
        StoredAttempt stored = new StoredAttempt(added.id(), json.writeValueAsString(paper.settings()),
                json.writeValueAsString(figures), text(source.run()), source.setId(), source.question());
        attempts.add(stored);
        return whole(added, stored);
    }

    /** Begins several papers, all or none. */
    @Transactional
    List<Attempt> beginAll(long teacherId, List<ToBegin> papers) {
        return papers.stream().map(paper -> begin(teacherId, paper)).toList();
    }

    static String text(UUID run) {
        return run == null ? null : run.toString();
    }

    private static AttemptFigure asWritten(SheetMark mark) {
        return new AttemptFigure(0, mark.kind().id(), mark.block(), mark.line(), mark.place(), mark.anchor().id(), mark.text(),
                false);
    }

    Attempt find(long teacherId, long id) {
        LogEntry entry = log.find(teacherId, id).orElseThrow(AttemptService::missing);
        return whole(entry, attempts.find(id).orElseThrow(AttemptService::missing));
    }

    private static Missing missing() {
        return new Missing("This paper is not in your log. It may have been deleted; the log shows what is there.");
    }

    AttemptView view(Attempt attempt) {
        LogEntry entry = attempt.entry();
        return new AttemptView(entry.id(), WorkRequest.again(ProblemText.read(entry.problem(), 0, Punctuation.POINT),
                entry.method(), styles.read(entry.choices()), entry.checkKind()), entry.problem(), attempt.settings(),
                attempt.figures(), entry.written(), entry.answer(), entry.workedAt(), attempt.run(), attempt.setId(),
                attempt.question(), entry.label());
    }

    private Attempt whole(LogEntry entry, StoredAttempt stored) {
        return new Attempt(entry, json.readValue(stored.settings(), AttemptSettings.class),
                json.readValue(stored.figures(), FIGURES), stored.run() == null ? null : UUID.fromString(stored.run()), stored.setId(), stored.question());
    }

    /** The papers of a set worked through, in the order of its questions. */
    List<Attempt> ofRun(long teacherId, UUID run) {
        return attempts.ofRun(teacherId, run.toString()).stream().map(id -> find(teacherId, id)).toList();
    }

    /**
     * Adds what was done on a paper since; what was sent before already is passed over.
     *
     * @param from how many things had been done before these
     * @return how many there are now
     * @throws ChangedElsewhere with what was done there, where another window has gone on with it otherwise
     */
    @Transactional
    int add(long teacherId, long id, int from, List<AttemptFigure> more) {
        LogEntry entry = log.find(teacherId, id).orElseThrow(AttemptService::missing);
        Attempt attempt = whole(entry, attempts.take(id).orElseThrow(AttemptService::missing));
        List<AttemptFigure> there = attempt.figures();
        int known = Math.min(there.size() - from, more.size());
        if (from > there.size() || !there.subList(from, from + known).equals(more.subList(0, known))) {
            throw new ChangedElsewhere(there);
        }
        List<AttemptFigure> all = new ArrayList<>(there);
        all.addAll(more.subList(known, more.size()));
        if (all.size() > MOST_FIGURES) {
            throw Refusal.of("figures", "This paper is full: " + MOST_FIGURES + " things were done on it. Hand it in.");
        }
        if (all.size() > there.size()) {
            attempts.change(id, json.writeValueAsString(attempt.settings()), json.writeValueAsString(all));
        }
        return all.size();
    }

    /** Changes how a paper is written or judged. */
    @Transactional
    Attempt change(long teacherId, long id, AttemptSettings settings) {
        Attempt attempt = find(teacherId, id);
        if (settings.copiedAs() != null) {
            order(attempt, settings);
        }
        StoredAttempt stored = attempts.take(id).orElseThrow(AttemptService::missing);
        attempts.change(id, json.writeValueAsString(settings), stored.figures());
        return new Attempt(attempt.entry(), settings, attempt.figures(), attempt.run(), attempt.setId(), attempt.question());
    }

    /** Marks a paper and keeps how it came out. */
    @Transactional
    MarkResponse mark(long teacherId, long id) {
        Attempt attempt = find(teacherId, id);
        MarkResponse marked = marked(attempt);
        log.mark(teacherId, id, marked.verdict(), marked.answer().text(), found(marked));
        return marked;
    }

    /** How a paper is marked as it stands. */
    MarkResponse marked(Attempt attempt) {
        WorkOrder order = order(attempt, attempt.settings());
        return MarkRequest.of(order, AttemptFigure.standing(attempt.figures()), attempt.settings().settingOut(),
                attempt.settings().ownWay(), attempt.settings().withCheck()).response();
    }

    /** A paper with what stands on it. */
    OwnWork work(Attempt attempt) {
        AttemptSettings settings = attempt.settings();
        return new OwnWork(WritingPaper.of(order(attempt, settings), settings.settingOut(), settings.withCheck()),
                AttemptFigure.standing(attempt.figures()).stream().map(FigureRequest::figure).toList());
    }

    private static String found(MarkResponse marked) {
        return marked.first() == null ? "" : marked.first().say();
    }

    private WorkOrder order(Attempt attempt, AttemptSettings settings) {
        LogEntry entry = attempt.entry();
        HouseStyle style = HouseStyle.USUAL.with(styles.read(entry.choices()));
        String problem = settings.copiedAs() == null ? entry.problem() : settings.copiedAs();
        return new WorkOrder(ProblemText.read(problem, 0, settings.copiedAs() == null ? Punctuation.POINT
                : style.point().punctuation()), entry.method(), style, entry.checkKind());
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
