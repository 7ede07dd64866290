package bemble.server.screens;

import bemble.server.ids.PupilId;
import bemble.server.ids.SessionId;
import bemble.server.log.papers.PupilPapers;
import bemble.server.marking.kept.TakenAnswer;
import bemble.server.marking.taken.TakenPapers;
import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Marks what a pupil handed in and puts it into the teacher's pile. */
@Component
class HandedIn {
    private final ScreenMapper screens;
    private final PupilPapers papers;
    private final TakenPapers piles;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transaction;
    private final Clock clock;

    HandedIn(ScreenMapper screens, PupilPapers papers, TakenPapers piles, ApplicationEventPublisher events,
            PlatformTransactionManager transactions, Clock clock) {
        this.transaction = new TransactionTemplate(transactions);
        this.screens = screens;
        this.papers = papers;
        this.piles = piles;
        this.events = events;
        this.clock = clock;
    }

    /** Takes a pupil's papers in, unless that was done already; what is read is not kept from others meanwhile. */
    void take(SessionId sessionId, PupilId pupilId) {
        StoredPlace place = screens.place(sessionId, pupilId).orElse(null);
        StoredSession session = screens.byId(sessionId).orElse(null);
        if (place == null || session == null || place.run() == null || place.handedInAt() == null
                || screens.isTaken(sessionId, pupilId)) {
            return;
        }
        List<TakenAnswer> answers = papers.handIn(session.teacherId(), UUID.fromString(place.papers())).stream()
                .map(handed -> new TakenAnswer(handed.question(), handed.given(), handed.unclear(), handed.slip(),
                        handed.marksGiven(), handed.marksOf()))
                .toList();
        boolean taken = Boolean.TRUE.equals(transaction.execute(status -> {
            // What was given back meanwhile, or handed in once more, is not taken in as it was before.
            if (screens.take(sessionId, pupilId).filter(now -> Objects.equals(place.handedInAt(), now.handedInAt()))
                    .isEmpty()) {
                return false;
            }
            piles.take(session.teacherId(), session.markingId(), pupilId, answers, session.led(),
                    place.isCollected(session.endedAt()));
            screens.taken(sessionId, pupilId, OffsetDateTime.now(clock));
            return true;
        }));
        if (taken) {
            piles.judge(session.teacherId(), session.markingId(), pupilId, answers);
            events.publishEvent(new SessionChanged(sessionId));
        }
    }
}
