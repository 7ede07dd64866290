package bemble.server.log.papers;

import bemble.server.ids.SetId;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Where a paper comes from, all of which may be null.
 *
 * @param question its number in the set or pile
 * @param copied the paper of a pile that it is a copy of
 */
record PaperSource(@Nullable UUID run, @Nullable SetId setId, @Nullable Integer question,
        @Nullable CopiedFrom copied) {}
