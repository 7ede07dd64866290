package bemble.server.marking;

import bemble.core.problem.Problem;
import bemble.server.diagnosis.PaperJudgement;
import bemble.server.marking.Views.PupilView;
import java.util.Map;

/**
 * A pupil's causes, the teacher's own decisions before what is presumed.
 *
 * @param slips each with a question in which it shows
 * @param paper how the paper is judged, answer by answer
 */
record PupilJudgement(PupilView view, Map<String, Problem> slips, PaperJudgement paper) {}
