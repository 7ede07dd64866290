package bemble.core.scan;

import bemble.core.scan.AnswerRead.Likely;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;

/** Reads a question's squares from a picture of its filled page. */
public final class QuestionReader {
    /** Where fewer of the printed figures are seen, the squares are not where they are thought to be. */
    private static final double LEAST_GIVEN = 0.6;
    private static final double LIKELY_ENOUGH = 0.1;
    private static final float[] BARE = {};

    private final GreyRaster picture;
    private final PagePlace page;
    private final FigureNet net;

    /** @param page where the corners of the page say that its places are */
    public QuestionReader(GreyRaster picture, PagePlace page, FigureNet net) {
        this.picture = picture;
        this.page = page;
        this.net = net;
    }

    /**
     * Reads a question.
     *
     * @param squares its squares, as {@code field} has them on the page
     * @param likely what a child may well have written, for the squares of the answer in their order
     * @return nothing where its squares cannot be found on the picture, or may not be where they are thought to be
     */
    public Optional<QuestionRead> read(ReadField field, List<ReadSquare> squares,
            Function<List<ReadSquare>, List<Likely>> likely) {
        return GridFit.of(picture, page, field).flatMap(place -> read(field, squares, place, likely));
    }

    private Optional<QuestionRead> read(ReadField field, List<ReadSquare> squares, PagePlace place,
            Function<List<ReadSquare>, List<Likely>> likely) {
        Map<ReadSquare, FigureChances> seen = new LinkedHashMap<>();
        Map<ReadSquare, float[]> hidden = new HashMap<>();
        squares.forEach(square -> {
            float[] cut = SquareCut.of(picture, place, square.x(), square.y(), square.side());
            // Most squares are bare, and reading one takes longer than cutting it.
            float[] of = SquareCut.isBare(cut) ? BARE : net.hidden(cut);
            hidden.put(square, of);
            seen.put(square, of == BARE ? FigureChances.NOTHING : net.chances(of));
        });
        if (!givensAreThere(seen)) {
            return Optional.empty();
        }
        List<ReadSquare> answer = squares.stream().filter(ReadSquare::answer).toList();
        AnswerRead read =
                AnswerRead.of(answer.stream().map(square -> seen(seen, square)).toList(), likely.apply(answer));
        List<FigureRead> figures = new ArrayList<>();
        seen.forEach((square, chances) -> {
            float[] of = hidden.getOrDefault(square, BARE);
            int at = answer.indexOf(square);
            if (at >= 0) {
                figures.add(
                        new FigureRead(square, read.kinds()[at], chances.of(read.kinds()[at]), of));
            } else if (square.given() == null) {
                figures.add(new FigureRead(square, chances.best(), chances.of(chances.best()), of));
            } else if (chances.best() == FigureChances.STRUCK) {
                figures.add(new FigureRead(square, FigureChances.STRUCK, chances.of(FigureChances.STRUCK), of));
            }
        });
        return Optional.of(new QuestionRead(field.question(), read, answer, figures, place));
    }

    private static FigureChances seen(Map<ReadSquare, FigureChances> seen, ReadSquare square) {
        return Objects.requireNonNull(seen.get(square));
    }

    /** The printed figures are a check for free: squares that are not where they should be show other figures, or none. */
    private static boolean givensAreThere(Map<ReadSquare, FigureChances> seen) {
        int all = 0;
        int there = 0;
        for (Map.Entry<ReadSquare, FigureChances> each : seen.entrySet()) {
            if (each.getKey().given() != null) {
                all++;
                there += isSeen(each.getValue(), Integer.parseInt(each.getKey().given())) ? 1 : 0;
            }
        }
        return there >= LEAST_GIVEN * all;
    }

    /** A printed figure may be struck out. */
    private static boolean isSeen(FigureChances chances, int given) {
        return chances.of(given) > LIKELY_ENOUGH || chances.best() == FigureChances.STRUCK;
    }
}
