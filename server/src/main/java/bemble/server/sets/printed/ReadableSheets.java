package bemble.server.sets.printed;

import bemble.core.print.Page;
import bemble.core.print.PrintKind;
import bemble.core.problem.Problem;
import bemble.core.style.HouseStyle;
import bemble.server.ids.TeacherId;
import bemble.server.sets.SetContent;
import bemble.server.style.StyleText;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Printed sheets as whoever reads the filled ones needs them. */
@Component
public class ReadableSheets {
    private final PrintMapper prints;
    private final PrintService service;
    private final StyleText styles;
    private final ObjectMapper json;

    ReadableSheets(PrintMapper prints, PrintService service, StyleText styles, ObjectMapper json) {
        this.prints = prints;
        this.service = service;
        this.styles = styles;
        this.json = json;
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
            SetContent content = json.readValue(print.content(), SetContent.class);
            return new ReadableSheet(print.code(), service.pages(print, PrintKind.QUESTIONS),
                    content.questions().stream().map(SetContent.SetQuestion::read).toList(),
                    HouseStyle.USUAL.with(styles.read(print.choices())));
        });
    }
}
