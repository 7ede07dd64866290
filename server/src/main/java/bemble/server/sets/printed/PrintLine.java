package bemble.server.sets.printed;

import java.time.OffsetDateTime;

/** What a list shows of a print. */
record PrintLine(String code, String version, OffsetDateTime printedAt) {}
