package bemble.server.progress;

import bemble.core.progress.Place;
import bemble.server.classes.Pupil;
import bemble.server.ids.PupilId;
import bemble.server.load.CacheRoom;
import bemble.server.marking.MarkedWork;
import bemble.server.marking.MarkedWork.Answer;
import bemble.server.marking.MarkedWork.Marked;
import bemble.server.marking.MarkedWork.QuizTaken;
import bemble.server.progress.KeptMapper.FactRow;
import bemble.server.progress.KeptMapper.PlaceRow;
import bemble.server.progress.KeptMapper.SlipRow;
import bemble.server.progress.KeptMapper.Stale;
import bemble.server.progress.KeptMapper.Version;
import bemble.server.progress.KeptMapper.WeekRow;
import bemble.server.rules.SchoolRules;
import com.github.benmanes.caffeine.cache.Cache;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Keeps up what each pupil can do, in tables of its own, so that no screen works it out of a year of answers.
 *
 * <p>Each change of a pupil's answers counts up in the transaction that makes it. What is worked out says after which change:
 * the count is read before the answers, so that a change between the two leaves a record that is known to be old, never one
 * that is old and taken for new. Whoever reads an old record has it worked out first, and waits for whoever is at it already;
 * but who is in a transaction waits for nobody, and works it out in passing.
 */
@Component
public class KeptRecords {
    /** Counted up with every change in how records are worked out; those made otherwise are made again. */
    static final int MADE_BY = 3;
    private static final Logger LOG = LoggerFactory.getLogger(KeptRecords.class);
    private static final int AT_A_TIME = 30;
    private static final int PLACES_A_KILOBYTE = 6;

    private final KeptMapper kept;
    private final MarkedWork work;
    private final RungFinder rungs;
    private final SchoolRules rules;
    private final Clock clock;
    private final TransactionTemplate alone;
    /** What was read lately; a record that is worked out again has another version. */
    private final Cache<Version, Map<String, Place>> read = CacheRoom.RECORDS
            .cache((version, places) -> 1 + places.size() / PLACES_A_KILOBYTE);

    KeptRecords(KeptMapper kept, MarkedWork work, RungFinder rungs, SchoolRules rules, Clock clock,
            PlatformTransactionManager transactions) {
        this.kept = kept;
        this.work = work;
        this.rungs = rungs;
        this.rules = rules;
        this.clock = clock;
        this.alone = new TransactionTemplate(transactions);
        alone.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
    }

    /** Works out what is old of these pupils. */
    void bringUpToDate(Collection<PupilId> pupilIds) {
        upToDate(pupilIds);
    }

    /** Which records these pupils have, once none of them is old; in a transaction there may be old ones. */
    private List<Version> upToDate(Collection<PupilId> pupilIds) {
        if (pupilIds.isEmpty()) {
            return List.of();
        }
        Long[] ids = pupilIds.stream().map(PupilId::value).toArray(Long[]::new);
        List<Version> there = kept.versions(ids, MADE_BY, today());
        if (isInTransaction()) {
            return there;
        }
        List<PupilId> old = there.stream().filter(Version::due).map(Version::pupilId).toList();
        for (int from = 0; from < old.size(); from += AT_A_TIME) {
            workOutStale(old.subList(from, Math.min(old.size(), from + AT_A_TIME)));
        }
        return old.isEmpty() ? there : kept.versions(ids, MADE_BY, today());
    }

    /** Where pupils stand today on the rungs they have tried, by the rungs' ids. */
    Map<PupilId, Map<String, Place>> places(Collection<PupilId> pupilIds) {
        Map<Boolean, List<Version>> all = upToDate(pupilIds).stream().collect(Collectors.partitioningBy(Version::due));
        List<Version> versions = all.getOrDefault(false, List.of());
        Map<Version, Map<String, Place>> found = new HashMap<>(read.getAllPresent(versions));
        List<PupilId> missing =
                versions.stream().filter(version -> !found.containsKey(version)).map(Version::pupilId).toList();
        if (!missing.isEmpty()) {
            Map<PupilId, Map<String, Place>> fresh = asKept(missing);
            versions.stream().filter(version -> !found.containsKey(version))
                    .forEach(version -> found.put(version, fresh.getOrDefault(version.pupilId(), Map.of())));
            read.putAll(found);
        }
        Map<PupilId, Map<String, Place>> today = new HashMap<>();
        found.forEach((version, places) -> today.put(version.pupilId(), asOfToday(places)));
        List<PupilId> old = all.getOrDefault(true, List.of()).stream().map(Version::pupilId).toList();
        if (!old.isEmpty()) {
            workedOut(kept.stale(old, MADE_BY, today()))
                    .forEach((each, pupil) -> today.put(each.pupilId(), pupil.places().all()));
            // What was old a moment ago and is not any more, somebody else has kept meanwhile.
            List<PupilId> keptMeanwhile = old.stream().filter(pupil -> !today.containsKey(pupil)).toList();
            if (!keptMeanwhile.isEmpty()) {
                asKept(keptMeanwhile).forEach((pupil, places) -> today.put(pupil, asOfToday(places)));
            }
        }
        return today;
    }

    private Map<PupilId, Map<String, Place>> asKept(List<PupilId> pupilIds) {
        return kept.places(pupilIds).stream().collect(
                Collectors.groupingBy(PlaceRow::pupilId, Collectors.toMap(PlaceRow::rung, PlaceRow::place)));
    }

    private Map<String, Place> asOfToday(Map<String, Place> places) {
        Map<String, Place> now = new LinkedHashMap<>();
        places.forEach((rung, place) -> now.put(rung, place.on(today())));
        return now;
    }

    private static boolean isInTransaction() {
        return TransactionSynchronizationManager.isActualTransactionActive();
    }

    /**
     * Works out what is old of some pupils, whoever they are.
     *
     * @return how many were brought up to date; 0 says that there are none left that can be
     */
    public int bringSomeUpToDate() {
        List<PupilId> stale = kept.stale(null, MADE_BY, today()).stream().map(Stale::pupilId).toList();
        return stale.isEmpty() ? 0 : workOutStale(stale.subList(0, Math.min(AT_A_TIME, stale.size())));
    }

    /** Throws everything away; it is worked out again where it is asked for. */
    public void throwAway() {
        kept.clear();
    }

    private LocalDate today() {
        return LocalDate.now(clock);
    }

    /** One after the other, so that whoever waits for somebody's record does not work it out a second time. */
    private synchronized int workOutStale(List<PupilId> pupilIds) {
        if (isInTransaction()) {
            throw new IllegalStateException("Whoever is in a transaction waits for nobody.");
        }
        AtomicInteger done = new AtomicInteger();
        workedOut(kept.stale(pupilIds, MADE_BY, today())).forEach((each, pupil) -> {
            try {
                alone.executeWithoutResult(own -> keep(each, pupil));
                done.incrementAndGet();
            } catch (DataAccessException later) {
                LOG.debug("A record was not kept; it is worked out again when it is asked for", later);
            }
        });
        return done.get();
    }

    /** What pupils whose records are old can do, out of their answers. */
    private Map<Stale, PupilWork> workedOut(List<Stale> stale) {
        Map<Stale, PupilWork> all = new LinkedHashMap<>();
        stale.stream().collect(Collectors.groupingBy(Stale::teacherId, LinkedHashMap::new, Collectors.toList()))
                .forEach((teacher, theirs) -> {
                    Marked marked = work.of(teacher, theirs.stream().map(Stale::pupilId).toList());
                    Map<PupilId, List<Answer>> answers =
                            marked.answers().stream().collect(Collectors.groupingBy(Answer::pupilId));
                    Map<PupilId, List<QuizTaken>> quizzes =
                            marked.quizzes().stream().collect(Collectors.groupingBy(QuizTaken::pupilId));
                    theirs.forEach(each -> all.put(each, new PupilWork(new Pupil(each.pupilId(), ""),
                            answers.getOrDefault(each.pupilId(), List.of()),
                            quizzes.getOrDefault(each.pupilId(), List.of()), List.of(), rungs, rules.now(), today())));
                });
        return all;
    }

    private void keep(Stale stale, PupilWork pupil) {
        PupilId id = stale.pupilId();
        LocalDate later = pupil.answers().stream().map(Answer::day).filter(day -> day.isAfter(today()))
                .min(LocalDate::compareTo).orElse(null);
        kept.take(id, stale.changes(), MADE_BY, later);
        kept.clearPlaces(id);
        kept.clearSlips(id);
        kept.clearWeeks(id);
        kept.clearFacts(id);
        List<PlaceRow> places = pupil.byRule().entrySet().stream()
                .map(each -> PlaceRow.of(id, each.getKey(), each.getValue().place())).toList();
        if (!places.isEmpty()) {
            kept.keepPlaces(places);
        }
        Set<List<String>> confirmed = new HashSet<>();
        pupil.answers().stream().filter(Answer::confirmed).forEach(answer -> pupil.knownSlip(answer)
                .ifPresent(slip -> confirmed.add(List.of(slip.operation().id(), slip.id()))));
        List<SlipRow> slips = new ArrayList<>();
        List<WeekRow> weeks = new ArrayList<>();
        pupil.slipWeeks().forEach((slip, seen) -> {
            slips.add(new SlipRow(id, slip.operation(), slip.id(), seen.lastSeen(), seen.since(),
                    confirmed.contains(List.of(slip.operation().id(), slip.id()))));
            seen.weeks().forEach(week -> weeks
                    .add(new WeekRow(id, slip.operation(), slip.id(), week.monday(), week.seen(), week.of())));
        });
        if (!slips.isEmpty()) {
            kept.keepSlips(slips);
            kept.keepWeeks(weeks);
        }
        Map<String, Long> facts = pupil.answers().stream().filter(answer -> answer.fact() != null)
                .collect(Collectors.groupingBy(Answer::fact, Collectors.counting()));
        if (!facts.isEmpty()) {
            kept.keepFacts(facts.entrySet().stream()
                    .map(fact -> new FactRow(id, fact.getKey(), fact.getValue().intValue())).toList());
        }
    }
}
