package bemble.server.marking.kept;

import bemble.core.problem.Problem;
import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.server.classes.Pupil;
import bemble.server.classes.SchoolClass;
import bemble.server.faults.Missing;
import bemble.server.ids.PupilId;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * A marking with what is needed to judge it.
 *
 * @param byPupil what stands on each pupil's paper, in the order of its questions
 */
public record OpenPile(StoredMarking stored, SchoolClass schoolClass, List<PileSheet> sheets,
        Map<PupilId, StoredPaper> papers,
        Map<PupilId, List<MarkedAnswer>> byPupil, HouseStyle style) {
    public PileSheet sheet(PupilId pupilId) {
        StoredPaper paper = papers.get(pupilId);
        return PileSheet.of(sheets, paper == null ? null : paper.sheet());
    }

    /**
     * What a question of a pupil's sheet asks.
     *
     * @throws Refusal where the sheet has no such question
     */
    public Problem asked(PupilId pupilId, int question) {
        PileSheet sheet = sheet(pupilId);
        int questions = sheet.problems().size();
        if (question < 1 || question > questions) {
            throw Refusal.of("question",
                    "The sheet has questions 1 to " + questions + ", and no question " + question + ".");
        }
        return sheet.problem(question);
    }

    public List<MarkedAnswer> answers(PupilId pupilId) {
        return byPupil.getOrDefault(pupilId, List.of());
    }

    /** What stands on all papers. */
    public List<MarkedAnswer> answers() {
        return byPupil.values().stream().flatMap(List::stream).toList();
    }

    /** What is kept for a question; null where nothing is. */
    public @Nullable MarkedAnswer answer(PupilId pupilId, int question) {
        return answers(pupilId).stream().filter(answer -> answer.question() == question).findFirst().orElse(null);
    }

    /** What an answer is: right, wrong, blank, not-reached or unclear. */
    public AnswerVerdict verdict(MarkedAnswer answer, Problem problem) {
        return ReadSheet.verdict(answer, problem, style);
    }

    /** @throws Missing where the pupil is not in the class any more */
    public Pupil pupil(PupilId pupilId) {
        return schoolClass.pupil(pupilId)
                .orElseThrow(() -> new Missing("This pupil is not in " + schoolClass.name() + " any more."));
    }
}
