package bemble.server.scan;

import bemble.core.entry.GivenAnswer;
import bemble.core.problem.Problem;
import bemble.server.classes.Pupil;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.ScanId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.OpenPile;
import bemble.server.marking.kept.PileSheet;
import bemble.server.marking.kept.Piles;
import bemble.server.scan.ScanViews.AskedReading;
import bemble.server.scan.ScanViews.ReadingView;
import bemble.server.scan.ScanViews.ScanView;
import bemble.server.scan.ScanViews.ScannedPageView;
import bemble.server.sets.printed.PrintedSheets;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Shows what was read on filled pages, beside what stands in the pile. */
@Component
class ScanPages {
    private final ScanService scans;
    private final ScanMapper mapper;
    private final Piles piles;
    private final PrintedSheets sheets;
    private final LearntHands learnt;

    ScanPages(ScanService scans, ScanMapper mapper, Piles piles, PrintedSheets sheets, LearntHands learnt) {
        this.scans = scans;
        this.mapper = mapper;
        this.piles = piles;
        this.sheets = sheets;
        this.learnt = learnt;
    }

    ScanView view(TeacherId teacherId, MarkingId markingId, ScanId id) {
        StoredScan scan = scans.find(teacherId, markingId, id);
        OpenPile open = piles.open(teacherId, markingId);
        Map<Integer, List<StoredReading>> readings =
                mapper.readings(id).stream().collect(Collectors.groupingBy(StoredReading::page));
        Map<PupilId, Pupil> pupils = open.schoolClass().pupils().stream()
                .collect(Collectors.toMap(Pupil::id, Function.identity()));
        Map<String, List<Problem>> problems = new HashMap<>();
        List<ScannedPageView> pages = mapper.pages(id).stream()
                .map(page -> view(open, page, page.pupilId() == null ? null : pupils.get(page.pupilId()),
                        page.sheet() == null ? List.of()
                                : problems.computeIfAbsent(page.sheet(),
                                        code -> sheets.printed(teacherId, code).problems()),
                        readings.getOrDefault(page.page(), List.of())))
                .toList();
        return new ScanView(id, scan.name(), scan.state(), scan.say(), scan.pages(), pages, asked(pages),
                open.schoolClass().pupils(), learnt.count(teacherId, open.stored().classId()), scan.pictureDays());
    }

    /** First what is least sure: there a look is worth most. */
    private static List<AskedReading> asked(List<ScannedPageView> pages) {
        record Waiting(int page, ReadingView reading) {}
        return pages.stream().filter(page -> page.pupil() != null)
                .flatMap(page -> page.answers().stream().filter(ReadingView::doubtful)
                        .map(reading -> new Waiting(page.page(), reading)))
                .sorted(Comparator.comparingDouble(waiting -> waiting.reading().sure()))
                .map(waiting -> new AskedReading(waiting.page(), waiting.reading().question())).toList();
    }

    private static ScannedPageView view(OpenPile open, StoredPage page, @Nullable Pupil pupil, List<Problem> problems,
            List<StoredReading> readings) {
        return new ScannedPageView(page.page(), page.state(), page.sheet(), page.sheetPage(), pupil, page.say(),
                readings.stream().filter(reading -> reading.question() <= problems.size())
                        .map(reading -> view(open, pupil, problems.get(reading.question() - 1), reading))
                        .toList());
    }

    private static ReadingView view(OpenPile open, @Nullable Pupil pupil, Problem problem, StoredReading reading) {
        MarkedAnswer stands = pupil == null ? null : open.answer(pupil.id(), reading.question());
        String shown = PileSheet.right(problem, open.style());
        String right = GivenAnswer.plain(shown, open.style().answersWritten(), shown);
        // What is marked as right says so without saying what.
        String said = stands == null ? null : stands.state() == AnswerState.RIGHT ? right : stands.said();
        boolean other = said != null && !reading.doubtful() && !said.equals(reading.said());
        return new ReadingView(reading.question(), open.style().problem(problem), open.style().answer(reading.said()),
                reading.sure(), reading.doubtful(), open.style().answer(reading.ink()), right.equals(reading.said()),
                other && said != null ? open.style().answer(said) : null);
    }
}
