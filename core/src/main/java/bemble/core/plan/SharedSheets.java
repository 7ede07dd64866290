package bemble.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;

/**
 * The sheets that a class shares: who works on a rung has the same one, whatever each is there for. Where a slip shows in some,
 * the sheet is made for the one that shows in most; it is as good for the others.
 */
final class SharedSheets {
    private final Map<Long, List<Need>> own = new HashMap<>();
    private final Map<String, Need> onRung = new HashMap<>();

    private SharedSheets() {}

    static SharedSheets of(List<PlannedPupil> pupils, List<String> topics) {
        SharedSheets sheets = new SharedSheets();
        Map<String, List<Need>> byRung = new LinkedHashMap<>();
        for (PlannedPupil pupil : pupils) {
            List<Need> needs = Need.of(pupil, topics);
            sheets.own.put(pupil.id(), needs);
            needs.stream().filter(need -> need.kind() != Need.Kind.RETRY)
                    .forEach(need -> byRung.computeIfAbsent(need.rung(), any -> new ArrayList<>()).add(need));
        }
        byRung.forEach((rung, needs) -> sheets.onRung.put(rung, mostWanted(needs)));
        return sheets;
    }

    /** What is most pressing; of several slips the one that most have. */
    static Need mostWanted(List<Need> needs) {
        Map<Need, Long> times = needs.stream()
                .collect(Collectors.groupingBy(need -> need, LinkedHashMap::new, Collectors.counting()));
        return times.entrySet().stream()
                .min(Comparator.comparing((Map.Entry<Need, Long> each) -> each.getKey().slip() == null)
                        .thenComparing(each -> each.getKey().kind()).thenComparing(each -> -each.getValue()))
                .orElseThrow().getKey();
    }

    /** What a pupil needs, as the sheets that serve it. */
    List<Need> of(PlannedPupil pupil) {
        return Objects.requireNonNull(own.get(pupil.id())).stream()
                .map(need -> need.kind() == Need.Kind.RETRY ? need : Objects.requireNonNull(onRung.get(need.rung())))
                .toList();
    }
}
