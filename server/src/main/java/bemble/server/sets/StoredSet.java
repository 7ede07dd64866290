package bemble.server.sets;

import bemble.server.ids.SetId;
import java.time.OffsetDateTime;

/** A practice set as it is stored; its content is JSON. */
public record StoredSet(SetId id, String title, String tag, String content, OffsetDateTime changedAt, boolean archived,
        int revision) {}
