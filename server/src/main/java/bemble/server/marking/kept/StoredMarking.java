package bemble.server.marking.kept;

import bemble.server.ids.ClassId;
import bemble.server.ids.MarkingId;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.ObjectMapper;

/**
 * A class's papers while they are marked, as they are stored.
 *
 * @param workedOn the day they were written
 */
public record StoredMarking(MarkingId id, ClassId classId, String title, OffsetDateTime begunAt, LocalDate workedOn,
        String sheets) {
    /** Its sheets, read. */
    public List<PileSheet> read(ObjectMapper json) {
        return json.readValue(sheets, new TypeReference<List<PileSheet>>() {});
    }
}
