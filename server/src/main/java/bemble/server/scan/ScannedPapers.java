package bemble.server.scan;

import bemble.core.problem.Problem;
import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import bemble.server.sets.printed.PrintedSheets;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Component;

/** What a child wrote on paper, in their own hand, as long as its pictures are kept. */
@Component
public class ScannedPapers {
    private final ScanMapper mapper;
    private final PrintedSheets sheets;

    ScannedPapers(ScanMapper mapper, PrintedSheets sheets) {
        this.mapper = mapper;
        this.sheets = sheets;
    }

    /**
     * A question as a child wrote it.
     *
     * @param jpeg its picture
     * @param width how wide its squares are together, in millimetres
     */
    public record OwnHand(LocalDate day, Problem problem, byte[] jpeg, double width, double height) {}

    /** A question of a pile. */
    public record Asked(MarkingId marking, int question) {}

    /** The last one that a child wrote alone and that came out right. */
    public Optional<OwnHand> lastRight(TeacherId teacherId, PupilId pupilId) {
        return mapper.lastRight(teacherId, pupilId).map(row -> own(teacherId, row));
    }

    /** The newest of a child's, by the question they were marked for. */
    public Map<Asked, OwnHand> of(TeacherId teacherId, PupilId pupilId, int most) {
        Map<Asked, OwnHand> all = new HashMap<>();
        mapper.ofPupil(teacherId, pupilId, most)
                .forEach(row -> all.putIfAbsent(new Asked(row.markingId(), row.question()), own(teacherId, row)));
        return all;
    }

    private OwnHand own(TeacherId teacherId, ScanMapper.OwnRow row) {
        List<Problem> problems = sheets.printed(teacherId, row.sheet()).problems();
        try {
            BufferedImage image = Objects.requireNonNull(ImageIO.read(new ByteArrayInputStream(row.picture())));
            return new OwnHand(row.workedOn(), problems.get(row.question() - 1), row.picture(),
                    image.getWidth() / PagePicture.PIXELS_A_MILLIMETRE,
                    image.getHeight() / PagePicture.PIXELS_A_MILLIMETRE);
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        }
    }
}
