package bemble.server.marking;

import bemble.core.entry.TypedLine;
import bemble.core.problem.Refusal;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.marking.Views.PileKey;
import bemble.server.marking.Views.SheetLines;
import bemble.server.marking.kept.AnswerState;
import bemble.server.marking.kept.MarkedAnswer;
import bemble.server.marking.kept.OpenPile;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** What the letters say that stand beside wrong answers on the key. */
@Component
class KeyLetters {
    private final ReportService reports;

    KeyLetters(ReportService reports) {
        this.reports = reports;
    }

    /**
     * The answer that a letter stands for in a question, with its cause.
     *
     * @throws Refusal where the key has no such letter there
     */
    MarkedAnswer answer(TeacherId teacherId, OpenPile open, PupilId pupilId, TypedLine line) {
        String letter = line.named().toLowerCase(Locale.ROOT);
        PileKey key = reports.key(teacherId, open.stored().id());
        List<String> slips = key.codes().stream().filter(code -> code.code().equals(letter)).findFirst()
                .map(code -> code.slips()).orElse(List.of());
        SheetLines sheet = key.sheets().stream().filter(each -> each.code().equals(open.sheet(pupilId).code()))
                .findFirst().orElseThrow();
        return sheet.lines().get(line.question() - 1).wrong().stream()
                .filter(wrong -> wrong.codes().contains(letter) && !slips.isEmpty()).findFirst()
                .map(wrong -> MarkedAnswer.of(pupilId, line.question(), AnswerState.GIVEN, wrong.answer(), "",
                        line.how(), slips.get(0)))
                .orElseThrow(() -> Refusal.of("line", "The key has no letter " + letter + " for question "
                        + line.question() + ". Type the answer instead."));
    }
}
