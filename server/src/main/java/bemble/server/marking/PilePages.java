package bemble.server.marking;

import bemble.core.diagnosis.MarkingKey.KeyCode;
import bemble.core.diagnosis.MarkingKey.KeyLine;
import bemble.core.print.CutStrip;
import bemble.core.print.TextPages.Heading;
import bemble.core.print.TextPages.Paragraph;
import bemble.core.print.TextPages.Part;
import bemble.core.print.TextPages.Row;
import bemble.core.print.TextPages;
import bemble.server.classes.Pupil;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.FollowUp.Strip;
import bemble.server.marking.Views.PileKey;
import bemble.server.marking.Views.SheetLines;
import bemble.server.marking.feedback.FeedbackService.ToChild;
import bemble.server.marking.feedback.FeedbackService;
import bemble.server.marking.kept.AnswerVerdict;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.Piles;
import bemble.server.marking.kept.ReadSheet;
import bemble.server.marking.kept.StoredPaper;
import bemble.server.print.Report;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** What goes with a pile on paper: the key to mark books by, and strips to cut off. */
@Service
class PilePages {
    private static final List<Double> MARKS = List.of(0.4, 0.3, 0.3);
    private static final List<Double> CODES = List.of(0.05, 0.45, 0.05, 0.45);
    private static final List<Double> QUESTIONS = List.of(0.06, 0.22, 0.14, 0.58);
    /** An answer and its letters stay on one line. */
    private static final String NO_BREAK = "\u00a0";

    private final Piles piles;
    private final Judging judging;
    private final ReportService reports;
    private final FollowUp followUp;
    private final FeedbackService feedback;

    PilePages(Piles piles, Judging judging, ReportService reports, FollowUp followUp,
            FeedbackService feedback) {
        this.piles = piles;
        this.judging = judging;
        this.reports = reports;
        this.followUp = followUp;
        this.feedback = feedback;
    }

    /** To each question the answer and the likeliest wrong ones with the letters of their causes. */
    Report key(TeacherId teacherId, MarkingId id) {
        OpenPile open = piles.open(teacherId, id);
        PileKey key = reports.key(teacherId, id);
        List<Part> parts = new ArrayList<>();
        parts.add(new Paragraph(
                "Write the letter beside a wrong answer in the book; type it later as 7 b. The words are for you, "
                        + "not for the book."));
        parts.add(new Heading("Letters"));
        // A letter that stands beside no answer wastes its line.
        Set<String> stand =
                key.sheets().stream().flatMap(sheet -> sheet.lines().stream()).flatMap(line -> line.wrong().stream())
                        .flatMap(wrong -> wrong.codes().stream()).collect(Collectors.toSet());
        List<KeyCode> codes = key.codes().stream().filter(code -> stand.contains(code.code())).toList();
        for (int i = 0; i < codes.size(); i += 2) {
            List<String> cells = new ArrayList<>();
            codes.subList(i, Math.min(i + 2, codes.size()))
                    .forEach(code -> cells.addAll(List.of(code.code(), code.name())));
            parts.add(new Row(cells, CODES));
        }
        for (SheetLines sheet : key.sheets()) {
            parts.add(new Heading(key.sheets().size() == 1 ? "Answers" : "Answers, sheet " + sheet.code()));
            parts.add(new Row(List.of("", "question", "right", "wrong, with its letters"), QUESTIONS));
            for (int i = 0; i < sheet.lines().size(); i++) {
                KeyLine line = sheet.lines().get(i);
                parts.add(new Row(List.of(i + 1 + ".", line.problem(), line.answer(), line.wrong().stream()
                        .map(wrong -> wrong.answer() + NO_BREAK + String.join(NO_BREAK, wrong.codes()))
                        .collect(Collectors.joining(", "))), QUESTIONS));
            }
        }
        return new Report(open.stored().title(),
                TextPages.of("Key: " + open.stored().title(), open.schoolClass().name(), parts));
    }

    /** A strip for each child who answered: what they are told, and where something was wrong, that to be put right. */
    Report strips(TeacherId teacherId, MarkingId id) {
        OpenPile open = piles.open(teacherId, id);
        Map<PupilId, Strip> wrong = followUp.strips(teacherId, id).stream()
                .collect(Collectors.toMap(strip -> strip.pupil().id(), strip -> strip));
        List<Part> parts = new ArrayList<>();
        for (ToChild child : feedback.of(open)) {
            Strip strip = wrong.get(child.pupil().id());
            parts.add(strip == null ? new CutStrip(child.pupil().name(), child.words(), null, null, null, open.style())
                    : new CutStrip(child.pupil().name(), child.words(), strip.own(), strip.slip(), strip.telling(),
                            open.style()));
        }
        if (parts.isEmpty()) {
            parts.add(new Paragraph("Nobody has a strip yet: no answer of this pile is marked."));
        }
        return new Report(open.stored().title(),
                TextPages.of("Strips: " + open.stored().title(), open.schoolClass().name(), parts));
    }

    /** What each paper came to, for the mark book. */
    Report marks(TeacherId teacherId, MarkingId id) {
        OpenPile open = piles.open(teacherId, id);
        List<Part> parts = new ArrayList<>();
        parts.add(new Row(List.of("", "right", "marks, the working counted"), MARKS));
        for (Pupil pupil : open.schoolClass().pupils()) {
            List<MarkedAnswer> answers = open.answers(pupil.id());
            ReadSheet sheet = judging.sheet(open, pupil.id());
            long right = answers.stream().filter(answer -> sheet.verdict(answer) == AnswerVerdict.RIGHT).count();
            List<MarkedAnswer> worked = answers.stream().filter(answer -> answer.marksOf() != null).toList();
            StoredPaper paper = open.papers().get(pupil.id());
            parts.add(new Row(List.of(pupil.name(), paper != null && paper.absent() ? "absent"
                    : answers.isEmpty() ? "" : right + " of " + sheet.problems().size(),
                    worked.isEmpty() ? "" : worked.stream().mapToInt(MarkedAnswer::marksGiven).sum() + " of "
                            + worked.stream().mapToInt(MarkedAnswer::marksOf).sum()),
                    MARKS));
        }
        parts.add(new Paragraph(
                "Marks for the working stand where it was written at a screen and your house style gives them: one for the "
                        + "answer, and one for each line that is right or follows from what stands before it."));
        return new Report(open.stored().title(),
                TextPages.of("Marks: " + open.stored().title(), open.schoolClass().name(), parts));
    }
}
