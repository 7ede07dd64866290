package bemble.server.sets.printed;

import bemble.core.print.Pages;
import bemble.core.print.PrintKind;
import bemble.core.print.PrintOrder;
import bemble.core.print.PrintQuestion;
import bemble.core.print.ink.Page;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.server.ids.TeacherId;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;

/** Printed sheets as whoever reads the filled ones needs them. */
@Component
public class ReadableSheets {
    private final PrintMapper prints;
    private final PrintService service;

    ReadableSheets(PrintMapper prints, PrintService service) {
        this.prints = prints;
        this.service = service;
    }

    /**
     * A sheet as it was printed.
     *
     * @param pages its pages, with the squares on them that can be read
     * @param problems its questions in their order
     * @param style the house style it was printed in
     */
    public record ReadableSheet(String code, List<Page> pages, List<Problem> problems, HouseStyle style) {}

    /** The sheet under a code, where the teacher has one. */
    public Optional<ReadableSheet> find(TeacherId teacherId, String code) {
        return prints.find(teacherId, code).map(print -> {
            PrintOrder order = service.order(print, PrintKind.QUESTIONS);
            return new ReadableSheet(print.code(), Pages.of(order),
                    order.questions().stream().map(PrintQuestion::problem).toList(), order.style());
        });
    }
}
