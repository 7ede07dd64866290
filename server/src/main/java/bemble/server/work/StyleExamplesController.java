package bemble.server.work;

import bemble.core.order.ChoiceExample;
import bemble.core.style.HouseStyle;
import bemble.core.words.Words;
import bemble.server.account.SignedIn;
import bemble.server.style.StyleService;
import bemble.server.work.WorkResponse.MarkView;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The choices of a house style, each worked on its small sum. */
@RestController
class StyleExamplesController {
    private final StyleService styles;

    StyleExamplesController(StyleService styles) {
        this.styles = styles;
    }

    /**
     * A choice shown on a small sum.
     *
     * @param problem that sum
     * @param says what is said; left out where the paper alone shows the choice
     * @param marks what stands on the paper; none where a sentence alone shows it
     */
    record ShownChoiceView(@NotNull String choice, @NotNull String problem, @Nullable String says,
            @NotNull List<MarkView> marks) {
        static ShownChoiceView of(ChoiceExample example, Words words) {
            return new ShownChoiceView(example.choice().id(), example.problem(),
                    example.says().isEmpty() ? null : example.says(),
                    example.marks().stream().map(mark -> MarkView.of(mark, words)).toList());
        }
    }

    /** Every choice of the house style, shown as it is chosen. */
    @GetMapping("/api/style/examples")
    List<ShownChoiceView> examples(@AuthenticationPrincipal SignedIn teacher) {
        HouseStyle style = styles.of(teacher.id());
        Words words = new Words(style);
        return HouseStyle.CHOICES.stream().map(choice -> ShownChoiceView.of(ChoiceExample.of(choice, style), words))
                .toList();
    }
}
