package bemble.server.sets.printed;

import bemble.server.ids.SetId;
import java.time.OffsetDateTime;

/**
 * A set frozen as it was printed.
 *
 * @param code names set and version; it stands on every page
 * @param content the set with this version's questions, as JSON
 * @param choices the house style it was printed in
 */
record StoredPrint(SetId setId, String code, String version, OffsetDateTime printedAt, String content,
        String choices) {}
