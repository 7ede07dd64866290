package bemble.core.say;

import bemble.core.problem.Numeral;
import bemble.core.style.HouseStyle;
import bemble.core.working.Spoken;
import java.util.List;

/** What is said while numbers are added by partial sums. */
public final class PartialSumsTalk {
    private final HouseStyle style;
    private final Words words;

    public PartialSumsTalk(HouseStyle style) {
        this.style = style;
        this.words = new Words(style);
    }

    public Spoken setOut(List<Numeral> addends) {
        return new Spoken("Set out", "", "Write " + numbers(addends) + " side by side. Add place by place, "
                + "beginning with the highest.", "");
    }

    /** One place is added. */
    public Spoken part(int place, List<Integer> digits, int total, Numeral value) {
        String addends = words.countEach(digits, place);
        String say = digits.size() < 2 ? "only " + addends : addends + " are " + words.count(total, place);
        return new Spoken(words.title(place), Words.sum(digits, total),
                words.title(place) + ": " + say + ". Write " + style.number(value) + ".",
                words.title(place) + ": " + addends + ". What are they worth together?");
    }

    /** The parts are added. */
    public Spoken addUp(List<Numeral> parts) {
        return new Spoken("Add the parts", "", "Now add the parts: " + numbers(parts) + ".", "");
    }

    private String numbers(List<Numeral> numbers) {
        return Words.list(numbers.stream().map(style::number).toList());
    }
}
