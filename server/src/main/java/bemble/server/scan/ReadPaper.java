package bemble.server.scan;

import bemble.core.entry.GivenAnswer;
import bemble.core.order.WorkOrder;
import bemble.core.scan.QuestionRead;
import bemble.core.scan.asked.AskedOnPage;
import bemble.core.scan.asked.ReadFigures;
import bemble.core.slip.NamedRules;
import bemble.server.writing.FigureRequest;
import bemble.server.writing.MarkRequest;
import bemble.server.writing.MarkResponse;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What was read of a question as a paper like one written at a screen: its figures, the answer that stands there, and how it is marked.
 *
 * @param said the answer in plain digits; empty where nothing stands there
 * @param ink the answer by the ink alone
 * @param marked how the paper is marked; null where that failed
 */
record ReadPaper(String said, String ink, @Nullable MarkResponse marked) {
    private static final Logger LOG = LoggerFactory.getLogger(ReadPaper.class);

    static ReadPaper of(AskedOnPage asked, QuestionRead read, NamedRules rules) {
        List<FigureRequest> figures = figures(read, read.answer().kinds());
        String said = answer(asked, figures, rules);
        // Mostly the ink alone says the same.
        String ink = Arrays.equals(read.answer().kinds(), read.answer().without()) ? said
                : answer(asked, figures(read, read.answer().without()), rules);
        return new ReadPaper(said, ink, marked(asked, figures, false, rules));
    }

    private static List<FigureRequest> figures(QuestionRead read, int[] answer) {
        return ReadFigures.of(read, answer).stream().map(FigureRequest::of).toList();
    }

    /** The number that stands there, in plain digits, as papers written at screens are read. */
    private static String answer(AskedOnPage asked, List<FigureRequest> figures, NamedRules rules) {
        MarkResponse read = marked(asked, figures, true, rules);
        String text = read == null ? "" : read.answer().text();
        return GivenAnswer.plain(text, asked.style().answersWritten(), text);
    }

    /** No failure of one paper may end a scan: its answer is there, and its working is not judged. */
    private static @Nullable MarkResponse marked(AskedOnPage asked, List<FigureRequest> figures, boolean answerAlone,
            NamedRules rules) {
        try {
            WorkOrder order = new WorkOrder(asked.problem(), null, asked.style(), null);
            return MarkRequest.of(order, figures, false, answerAlone, false).response(rules);
        } catch (RuntimeException | StackOverflowError failure) {
            LOG.error("A paper of {} that was read could not be judged", asked.problem().text(), failure);
            return null;
        }
    }
}
