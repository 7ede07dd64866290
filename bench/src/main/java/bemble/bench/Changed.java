package bemble.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/** Tells which figures of a night differ from those of the last one: {@code LAST THIS}, two files of what the bench printed. */
public final class Changed {
    private static final Pattern NUMBER = Pattern.compile("(?<![\\w.])\\d+(?:[.,]\\d+)?");
    /** Machines are noisy: what differs by less is the same. */
    private static final double SHARE = 0.2;

    private Changed() {}

    public static void main(String[] arguments) throws IOException {
        Map<String, List<Double>> last = new HashMap<>();
        Files.readAllLines(Path.of(arguments[0])).forEach(line -> last.put(words(line), numbers(line)));
        int changed = 0;
        for (String line : Files.readAllLines(Path.of(arguments[1]))) {
            List<Double> before = last.get(words(line));
            List<Double> now = numbers(line);
            for (int i = 0; before != null && i < Math.min(before.size(), now.size()); i++) {
                double larger = Math.max(Math.abs(before.get(i)), Math.abs(now.get(i)));
                if (larger > 1 && Math.abs(before.get(i) - now.get(i)) > SHARE * larger) {
                    System.out.printf(Locale.ROOT, "was %s, is %s: %s%n", before.get(i), now.get(i), line.strip());
                    changed++;
                }
            }
        }
        System.out.println(changed == 0 ? "No figure has changed by more than a fifth."
                : changed + " figures have changed by more than a fifth.");
    }

    private static String words(String line) {
        return NUMBER.matcher(line).replaceAll("#").strip();
    }

    private static List<Double> numbers(String line) {
        return NUMBER.matcher(line).results().map(found -> Double.parseDouble(found.group().replace(",", ""))).toList();
    }
}
