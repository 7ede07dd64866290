package bemble.server.marking.feedback;

import bemble.core.practice.Feedback.Outcome;
import bemble.core.practice.Feedback;
import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.server.classes.Pupil;
import bemble.server.faults.Missing;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.feedback.FeedbackMapper.OwnWords;
import bemble.server.marking.kept.AnswerVerdict;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.Piles;
import bemble.server.marking.kept.StoredPaper;
import bemble.server.storage.Turns;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What each child of a pile is told. */
@Service
public class FeedbackService {
    private final Piles piles;
    private final FeedbackMapper mapper;
    private final Turns turns;

    FeedbackService(Piles piles, FeedbackMapper mapper, Turns turns) {
        this.piles = piles;
        this.mapper = mapper;
        this.turns = turns;
    }

    /**
     * What a child is told.
     *
     * @param own whether these are the teacher's own words
     */
    public record ToChild(Pupil pupil, String words, boolean own) {}

    /** What each child is told who was there and answered, in the order of the class. */
    public List<ToChild> of(TeacherId teacherId, MarkingId markingId) {
        return of(piles.open(teacherId, markingId));
    }

    /** The same of a pile that is open. */
    public List<ToChild> of(OpenPile open) {
        Map<PupilId, String> own = own(open.stored().id());
        return open.schoolClass().pupils().stream().map(pupil -> toChild(open, pupil, own))
                .filter(each -> !each.words().isEmpty()).toList();
    }

    /** What one child is told; empty where nothing is. */
    public String to(TeacherId teacherId, MarkingId markingId, PupilId pupilId) {
        OpenPile open = piles.open(teacherId, markingId);
        return toChild(open, open.pupil(pupilId), own(markingId)).words();
    }

    private Map<PupilId, String> own(MarkingId markingId) {
        return mapper.of(markingId).stream().collect(Collectors.toMap(OwnWords::pupilId, OwnWords::words));
    }

    private static ToChild toChild(OpenPile open, Pupil pupil, Map<PupilId, String> own) {
        String words = own.get(pupil.id());
        return words == null ? new ToChild(pupil, made(open, pupil.id()), false) : new ToChild(pupil, words, true);
    }

    private static String made(OpenPile open, PupilId pupilId) {
        StoredPaper paper = open.papers().get(pupilId);
        if (paper != null && paper.absent()) {
            return "";
        }
        List<Problem> problems = open.sheet(pupilId).problems();
        List<Feedback.Done> sheet = new ArrayList<>();
        for (int number = 1; number <= problems.size(); number++) {
            MarkedAnswer answer = open.answer(pupilId, number);
            Problem problem = problems.get(number - 1);
            sheet.add(new Feedback.Done(number, problem,
                    answer == null ? Outcome.NOT_MARKED : outcome(open.verdict(answer, problem))));
        }
        return Feedback.of(sheet, open.style());
    }

    private static Outcome outcome(AnswerVerdict verdict) {
        return switch (verdict) {
            case RIGHT -> Outcome.RIGHT;
            case WRONG -> Outcome.WRONG;
            case BLANK, NOT_REACHED -> Outcome.LEFT_OUT;
            case UNCLEAR -> Outcome.NOT_MARKED;
        };
    }

    /**
     * Keeps the teacher's own words to a child; none bring ours back.
     *
     * @throws Refusal where a sentence is longer than a child reads
     * @throws Missing where the pile has no such pupil
     */
    @Transactional
    public void keep(TeacherId teacherId, MarkingId markingId, PupilId pupilId, String words) {
        turns.of(markingId);
        piles.open(teacherId, markingId).pupil(pupilId);
        String plain = words.strip().replaceAll("\\s+", " ");
        Arrays.stream(plain.split("(?<=[.!?])\\s")).filter(sentence -> sentence.split(" ").length > Feedback.MOST_WORDS)
                .findFirst().ifPresent(sentence -> {
                    throw Refusal.of("words", "A child reads twelve words at a time. Make this shorter, or two of it: “"
                            + sentence + "”");
                });
        if (plain.isEmpty()) {
            mapper.delete(markingId, pupilId);
        } else {
            mapper.save(markingId, pupilId, plain);
        }
    }
}
