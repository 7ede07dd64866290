package bemble.server.log.papers;

import bemble.core.order.WorkOrder;
import bemble.core.print.OwnWork;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import bemble.core.problem.Refusal;
import bemble.core.sheet.SheetMark;
import bemble.core.style.HouseStyle;
import bemble.core.writing.WritingPaper;
import bemble.server.faults.ChangedElsewhere;
import bemble.server.faults.Missing;
import bemble.server.ids.EntryId;
import bemble.server.ids.TeacherId;
import bemble.server.limits.Limits;
import bemble.server.log.entry.LogEntry;
import bemble.server.log.entry.LogMapper;
import bemble.server.log.entry.NewEntry;
import bemble.server.log.entry.Remarks;
import bemble.server.rules.SchoolRules;
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
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/** Keeps papers while they are written, and after. */
@Service
public class AttemptService {
    static final String OPEN = "open";
    private static final TypeReference<List<AttemptFigure>> FIGURES = new TypeReference<>() {};

    private final LogMapper log;
    private final AttemptMapper attempts;
    private final StyleText styles;
    private final SchoolRules rules;
    private final ObjectMapper json;
    private final Clock clock;

    AttemptService(LogMapper log, AttemptMapper attempts, StyleText styles, SchoolRules rules, ObjectMapper json,
            Clock clock) {
        this.rules = rules;
        this.log = log;
        this.attempts = attempts;
        this.styles = styles;
        this.json = json;
        this.clock = clock;
    }

    /** A paper to begin. */
    record ToBegin(WorkOrder order, AttemptSettings settings, PaperSource source, String label) {}

    /** Begins a paper; where somebody joins in at a step, what comes before stands there already. */
    @Transactional
    Attempt begin(TeacherId teacherId, ToBegin paper) {
        order(paper.order().problem(), paper.order().method(), paper.order().style(), paper.order().check(),
                paper.settings());
        List<AttemptFigure> figures = paper.settings().joinedAt() == 0 ? List.of() : WritingPaper.of(paper.order(),
                paper.settings().settingOut(), paper.settings().withCheck()).before(paper.settings().joinedAt())
                .stream()
                .map(AttemptService::asWritten).toList();
        NewEntry entry = NewEntry.of(paper.order(), UUID.randomUUID(), now(),
                new Remarks(paper.label(), "", false, "", null), styles).written(OPEN, "", "");
        LogEntry added = log.add(teacherId, entry);
        PaperSource source = paper.source();
        StoredAttempt stored = new StoredAttempt(added.id(), json.writeValueAsString(paper.settings()),
                json.writeValueAsString(figures), text(source.run()), source.setId(), source.question(),
                source.copied() == null ? null : source.copied().marking(),
                source.copied() == null ? null : source.copied().pupil());
        attempts.add(stored);
        return whole(added, stored);
    }

    /** Begins several papers, all or none. */
    @Transactional
    List<Attempt> beginAll(TeacherId teacherId, List<ToBegin> papers) {
        return papers.stream().map(paper -> begin(teacherId, paper)).toList();
    }

    public static @Nullable String text(@Nullable UUID run) {
        return run == null ? null : run.toString();
    }

    private static AttemptFigure asWritten(SheetMark mark) {
        return new AttemptFigure(0, mark.kind().id(), mark.block().id(), mark.line().id(), mark.place(),
                mark.anchor().id(),
                mark.text(),
                false);
    }

    Attempt find(TeacherId teacherId, EntryId id) {
        LogEntry entry = log.find(teacherId, id).orElseThrow(AttemptService::missing);
        return whole(entry, attempts.find(id).orElseThrow(AttemptService::missing));
    }

    private static Missing missing() {
        return new Missing("This paper is not in your log. It may have been deleted; the log shows what is there.");
    }

    AttemptView view(Attempt attempt) {
        LogEntry entry = attempt.entry();
        return new AttemptView(entry.id(), WorkRequest.again(entry.problem(),
                entry.method(), styles.read(entry.choices()), entry.checkKind()),
                styles.written(entry.problem(), entry.choices()), attempt.settings(),
                attempt.figures(), entry.written(), entry.answer(), entry.workedAt(), attempt.source().run(),
                attempt.source().setId(), attempt.source().question(), attempt.source().copied(), entry.label());
    }

    private Attempt whole(LogEntry entry, StoredAttempt stored) {
        return new Attempt(entry, json.readValue(stored.settings(), AttemptSettings.class),
                json.readValue(stored.figures(), FIGURES),
                new PaperSource(stored.run() == null ? null : UUID.fromString(stored.run()), stored.setId(),
                        stored.question(), CopiedFrom.of(stored)));
    }

    /** The papers of a set worked through, in the order of its questions. */
    List<Attempt> ofRun(TeacherId teacherId, UUID run) {
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
    int add(TeacherId teacherId, EntryId id, int from, List<AttemptFigure> more) {
        LogEntry entry = log.find(teacherId, id).orElseThrow(AttemptService::missing);
        Attempt attempt = whole(entry, attempts.take(id).orElseThrow(AttemptService::missing));
        List<AttemptFigure> there = attempt.figures();
        int known = Math.min(there.size() - from, more.size());
        if (from > there.size() || !there.subList(from, from + known).equals(more.subList(0, known))) {
            throw new ChangedElsewhere(there);
        }
        List<AttemptFigure> all = new ArrayList<>(there);
        all.addAll(more.subList(known, more.size()));
        more.forEach(AttemptFigure::requireReadable);
        String figures = all.size() == there.size() ? null : json.writeValueAsString(all);
        if (all.size() > Limits.FIGURES_DONE || figures != null && figures.length() > Limits.KEPT_FIGURES_LETTERS) {
            throw Refusal.of("figures", "This paper is full: more was done on it than can be kept. Hand it in.");
        }
        if (figures != null) {
            attempts.change(id, json.writeValueAsString(attempt.settings()), figures);
        }
        return all.size();
    }

    /** Changes how a paper is written or judged. */
    @Transactional
    Attempt change(TeacherId teacherId, EntryId id, AttemptSettings settings) {
        Attempt attempt = find(teacherId, id);
        if (settings.copiedAs() != null) {
            order(attempt, settings);
        }
        StoredAttempt stored = attempts.take(id).orElseThrow(AttemptService::missing);
        attempts.change(id, json.writeValueAsString(settings), stored.figures());
        return attempt.withSettings(settings);
    }

    /** Marks a paper and keeps how it came out. */
    MarkResponse mark(TeacherId teacherId, EntryId id) {
        MarkResponse marked = marked(find(teacherId, id));
        keep(teacherId, id, marked);
        return marked;
    }

    /** Keeps how a paper came out; marking it keeps nobody else from the log. */
    void keep(TeacherId teacherId, EntryId id, MarkResponse marked) {
        String answer = marked.answer().text();
        log.mark(teacherId, id, marked.verdict().id(),
                answer.substring(0, Math.min(Limits.LOGGED_ANSWER_LETTERS, answer.length())),
                found(marked));
    }

    /** How a paper is marked as it stands; what cannot be read of it is left out. */
    MarkResponse marked(Attempt attempt) {
        return marked(attempt, attempt.settings().ownWay(), attempt.settings().withCheck());
    }

    /** The same by the answer alone, whatever led to it. */
    MarkResponse answerAlone(Attempt attempt) {
        return marked(attempt, true, false);
    }

    private MarkResponse marked(Attempt attempt, boolean ownWay, boolean withCheck) {
        WorkOrder order = order(attempt, attempt.settings());
        AttemptFigure.Standing standing = AttemptFigure.standing(attempt.figures());
        MarkResponse marked =
                MarkRequest.of(order, standing.figures(), attempt.settings().settingOut(), ownWay, withCheck)
                        .response(rules.now());
        return standing.unreadable() == 0 ? marked : marked.without(standing.unreadable());
    }

    /** A paper with what stands on it. */
    OwnWork work(Attempt attempt) {
        AttemptSettings settings = attempt.settings();
        return new OwnWork(WritingPaper.of(order(attempt, settings), settings.settingOut(), settings.withCheck()),
                AttemptFigure.standing(attempt.figures()).figures().stream().map(FigureRequest::figure).toList());
    }

    private static String found(MarkResponse marked) {
        String first = marked.first() == null ? "" : marked.first().say();
        return marked.leftOut() == null ? first
                : ("Some of what was saved of this paper could not be read and is left out. " + first).strip();
    }

    private WorkOrder order(Attempt attempt, AttemptSettings settings) {
        LogEntry entry = attempt.entry();
        return order(entry.problem(), entry.method(), style(attempt), entry.checkKind(), settings);
    }

    /** The style in which a paper is written: that of the day on which it was begun. */
    HouseStyle style(Attempt attempt) {
        return HouseStyle.USUAL.with(styles.read(attempt.entry().choices()));
    }

    /** @throws Refusal where the problem that was copied instead cannot be worked */
    private static WorkOrder order(Problem asked, @Nullable String method, HouseStyle style, @Nullable String check,
            AttemptSettings settings) {
        return new WorkOrder(settings.copiedAs() == null ? asked
                : ProblemText.read(settings.copiedAs(), 0, style.point().punctuation()), method, style, check);
    }

    private OffsetDateTime now() {
        return OffsetDateTime.now(clock).truncatedTo(ChronoUnit.MILLIS);
    }
}
