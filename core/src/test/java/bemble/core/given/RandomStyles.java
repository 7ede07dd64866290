package bemble.core.given;

import bemble.core.style.Choice;
import bemble.core.style.HouseStyle;
import bemble.core.style.option.Option;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.random.RandomGenerator;

/** House styles drawn at random from all there are. */
public final class RandomStyles {
    private RandomStyles() {}

    public static HouseStyle next(RandomGenerator random) {
        // A choice that is added some day changes neither the others nor what is drawn afterwards.
        long drawn = random.nextLong();
        Map<String, String> ids = new HashMap<>();
        for (Choice<?> choice : HouseStyle.CHOICES) {
            List<? extends Option> options = choice.options();
            ids.put(choice.id(), options.get(new Random(drawn ^ choice.id().hashCode()).nextInt(options.size())).id());
        }
        return HouseStyle.USUAL.with(ids);
    }
}
