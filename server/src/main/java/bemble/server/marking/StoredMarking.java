package bemble.server.marking;

import java.time.OffsetDateTime;

/** A class's papers while they are marked, as they are stored. */
record StoredMarking(long id, long classId, String title, OffsetDateTime begunAt, String sheets) {}
