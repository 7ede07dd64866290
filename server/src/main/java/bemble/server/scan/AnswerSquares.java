package bemble.server.scan;

import bemble.core.scan.FigureChances;
import bemble.core.scan.FigureNet;
import bemble.core.scan.FigureRead;
import bemble.core.scan.LearntHand.Example;
import bemble.core.scan.QuestionRead;
import bemble.core.scan.ReadSquare;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** What the net said of the squares of an answer that stands in one line, from the left: four bytes a number, nothing but 0 of a bare square. */
final class AnswerSquares {
    /** Of an answer that nothing can be learnt from. */
    static final byte[] NONE = {};
    static final int SQUARE_BYTES = FigureNet.HIDDEN * Float.BYTES;
    private static final int MOST_SQUARES = 4096 / SQUARE_BYTES;

    private AnswerSquares() {}

    static byte[] of(QuestionRead read) {
        List<ReadSquare> squares = read.answerSquares();
        boolean oneLine =
                squares.stream().map(square -> List.of(square.block(), square.line())).distinct().count() == 1;
        if (!oneLine || squares.size() > MOST_SQUARES) {
            return NONE;
        }
        ByteBuffer bytes = ByteBuffer.allocate(squares.size() * SQUARE_BYTES);
        squares.stream().sorted(Comparator.comparingInt(ReadSquare::place).reversed()).forEach(square -> {
            float[] hidden = read.figures().stream().filter(figure -> figure.square().equals(square)).findFirst()
                    .map(FigureRead::hidden).orElse(new float[0]);
            for (int i = 0; i < FigureNet.HIDDEN; i++) {
                bytes.putFloat(i < hidden.length ? hidden[i] : 0);
            }
        });
        return bytes.array();
    }

    /**
     * What is known of them once it is known what stands there: its figures end at the right.
     *
     * @return nothing where it has more figures than squares, or is no whole number
     */
    static List<Example> known(byte[] squares, String said) {
        int count = squares.length / SQUARE_BYTES;
        List<Example> known = new ArrayList<>();
        if (!said.matches("[0-9]+") || said.length() > count) {
            return known;
        }
        ByteBuffer bytes = ByteBuffer.wrap(squares);
        for (int at = 0; at < count; at++) {
            float[] hidden = read(bytes);
            int figure = at - (count - said.length());
            int kind = figure < 0 ? FigureChances.EMPTY : said.charAt(figure) - '0';
            if (!isBare(hidden)) {
                known.add(new Example(hidden, kind));
            }
        }
        return known;
    }

    static float[] read(ByteBuffer bytes) {
        float[] hidden = new float[FigureNet.HIDDEN];
        for (int i = 0; i < hidden.length; i++) {
            hidden[i] = bytes.getFloat();
        }
        return hidden;
    }

    private static boolean isBare(float[] hidden) {
        for (float number : hidden) {
            if (number != 0) {
                return false;
            }
        }
        return true;
    }
}
