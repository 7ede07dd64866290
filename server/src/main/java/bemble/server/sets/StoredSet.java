package bemble.server.sets;

import java.time.OffsetDateTime;

/** A practice set as it is stored; its content is JSON. */
public record StoredSet(long id, String title, String tag, String content, OffsetDateTime changedAt, boolean archived,
        int revision) {}
