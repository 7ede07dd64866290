package bemble.server.scan;

import bemble.core.print.ink.Page;
import bemble.core.scan.GreyRaster;
import bemble.core.scan.Homography;
import bemble.core.scan.PageCode;
import bemble.core.scan.PageFound;
import bemble.core.scan.PageMarks;
import bemble.core.scan.PagePlace;
import bemble.core.scan.QuestionRead;
import bemble.core.scan.QuestionReader;
import bemble.core.scan.asked.AskedOnPage;
import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.rules.SchoolRules;
import bemble.server.sets.printed.ReadableSheets.ReadableSheet;
import bemble.server.sets.printed.ReadableSheets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Reads the picture of a filled page: which sheet it is, where it lies, and what stands in its squares. */
@Component
class PageReader {
    private static final String NO_CODE =
            "No code of a Bemble sheet is seen here. Scan the page flat and whole, its code at the foot "
                    + "not covered; a page of something else can be taken out.";
    private static final String NO_MARKS =
            "The black squares in the corners are not all seen. Scan the page flat and whole, and once more.";

    private final ReadableSheets sheets;
    private final LearntHands learnt;
    private final SchoolRules rules;

    PageReader(ReadableSheets sheets, LearntHands learnt, SchoolRules rules) {
        this.sheets = sheets;
        this.learnt = learnt;
        this.rules = rules;
    }

    /** The sheets that the pages of one file are of, each looked up and laid out once. */
    final class Sheets {
        private final TeacherId teacherId;
        private final Map<String, Optional<ReadableSheet>> known = new HashMap<>();
        private final Map<List<Object>, List<AskedOnPage>> asked = new HashMap<>();

        private final LearntHands.OfClass hands;

        Sheets(TeacherId teacherId, ClassId classId) {
            this.teacherId = teacherId;
            this.hands = learnt.ofClass(teacherId, classId);
        }

        private ReadableSheet sheet(PageCode code) throws UnreadablePage {
            ReadableSheet sheet = known.computeIfAbsent(code.sheet(), any -> sheets.find(teacherId, code.sheet()))
                    .orElseThrow(() -> new UnreadablePage("This is sheet " + code.sheet()
                            + ", and you have printed none of that code. Is it a colleague's?"));
            if (code.page() < 1 || code.page() > sheet.pages().size()) {
                throw new UnreadablePage("This says that it is page " + code.page() + " of sheet " + code.sheet()
                        + ", which has " + sheet.pages().size() + ".");
            }
            return sheet;
        }

        private List<AskedOnPage> asked(ReadableSheet sheet, int page) {
            return asked.computeIfAbsent(List.of(sheet.code(), page),
                    any -> AskedOnPage.on(sheet.pages().get(page - 1), sheet.problems(), sheet.style()));
        }
    }

    /** A question that was read, or what to tell of it where it could not be. */
    record ReadQuestion(AskedOnPage asked, Optional<QuestionRead> read, Optional<ReadPaper> paper, byte[] picture) {}

    /** What was read of a page. */
    record ReadPage(PageCode code, List<ReadQuestion> questions) {}

    /** @param classId the class whose hands are read as far as they were learnt */
    Sheets sheetsOf(TeacherId teacherId, ClassId classId) {
        return new Sheets(teacherId, classId);
    }

    /** @throws UnreadablePage where it is not known what page it is, or where on the picture it lies */
    ReadPage read(GreyRaster picture, Sheets known) throws UnreadablePage {
        CodeSeen seen = CodeSeen.in(picture).orElseThrow(() -> new UnreadablePage(NO_CODE));
        ReadableSheet sheet = known.sheet(seen.code());
        Page page = sheet.pages().get(seen.code().page() - 1);
        Homography place = PageFound.in(picture, new PageMarks(page.width(), page.height()), seen.patterns(),
                seen.modules()).orElseThrow(() -> new UnreadablePage(NO_MARKS));
        QuestionReader reader = new QuestionReader(picture, place,
                known.hands.of(new PupilId(seen.code().pupil())));
        List<ReadQuestion> questions = new ArrayList<>();
        for (AskedOnPage asked : known.asked(sheet, seen.code().page())) {
            Optional<QuestionRead> read = reader.read(asked.field(), asked.squares(), asked::likely);
            PagePlace at = read.<PagePlace>map(QuestionRead::place).orElse(place);
            questions.add(new ReadQuestion(asked, read, read.map(each -> ReadPaper.of(asked, each, rules.now())),
                    PagePicture.of(picture, at, asked.field())));
        }
        return new ReadPage(seen.code(), questions);
    }
}
