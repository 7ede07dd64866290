package bemble.core.scan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.data.Offset.offset;

import bemble.core.given.Weights;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;

class FigureNetTest {
    /** Each line: what the trainer's own net said of a square, then the square; both as the training module wrote them. */
    @Test
    void itSaysOfASquareWhatTheTrainersNetSaid() throws IOException {
        FigureNet net = Weights.net();
        List<String> lines;
        try (InputStream file = getClass().getResourceAsStream("/scan/squares.txt")) {
            lines = new String(file.readAllBytes(), StandardCharsets.US_ASCII).lines().toList();
        }
        assertThat(lines).hasSizeGreaterThan(4);
        for (String line : lines) {
            String[] parts = line.split(" \\| ");
            String[] said = parts[0].strip().split(" ");
            String[] cells = parts[1].strip().split(" ");
            float[] cut = new float[cells.length];
            for (int i = 0; i < cells.length; i++) {
                cut[i] = Integer.parseInt(cells[i]) / 255f;
            }
            FigureChances chances = net.read(cut);
            for (int kind = 0; kind < FigureChances.KINDS; kind++) {
                assertThat(chances.of(kind)).as("%s of %s", kind, parts[0]).isEqualTo(Double.parseDouble(said[kind]),
                        offset(1e-3));
            }
        }
    }

    @Test
    void weightsOfAnotherNetAreRefused() {
        assertThat(FigureNet.count() * Float.BYTES).isLessThan(400_000);
        assertThatThrownBy(() -> FigureNet.of(new byte[1000])).isInstanceOf(IllegalArgumentException.class);
    }
}
