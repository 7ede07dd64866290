package bemble.server.style;

import bemble.core.problem.Refusal;
import bemble.core.style.HouseStyle;
import bemble.server.account.SignedIn;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Map;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The house style of the teacher signed in. */
@RestController
@RequestMapping("/api/style")
class StyleController {
    private final StyleService styles;

    StyleController(StyleService styles) {
        this.styles = styles;
    }

    record OptionView(@NotNull String id, @NotNull String label) {}

    record ChoiceView(@NotNull String id, @NotNull String group, @NotNull String title,
            @NotNull List<OptionView> options) {}

    /**
     * A style with all that could be chosen.
     *
     * @param chosen the option's id for each choice's id
     * @param signs the options that switch on all that a teacher adds for the eye, by their choices
     */
    record StyleView(@NotNull List<ChoiceView> choices, @NotNull Map<String, String> chosen,
            @NotNull Map<String, String> signs) {
        static StyleView of(HouseStyle style) {
            return new StyleView(HouseStyle.CHOICES.stream().map(choice -> new ChoiceView(choice.id(), choice.group(),
                    choice.title(), choice.options().stream()
                            .map(option -> new OptionView(option.id(), option.label())).toList()))
                    .toList(),
                    style.ids(), HouseStyle.TEACHERS_SIGNS);
        }
    }

    /** The house style with its choices. */
    @GetMapping
    StyleView style(@AuthenticationPrincipal SignedIn teacher) {
        return StyleView.of(styles.of(teacher.id()));
    }

    /** Changes choices of the house style. */
    @PatchMapping
    StyleView change(@AuthenticationPrincipal SignedIn teacher, @RequestBody Map<String, String> choices) {
        choices.forEach((choice, option) -> {
            if (option == null) {
                throw Refusal.of("style." + choice, "Nothing is chosen here. Choose one of its options.");
            }
        });
        return StyleView.of(styles.change(teacher.id(), choices));
    }
}
