package bemble.core.division.chunks;

/**
 * A chunk taken away.
 *
 * @param partial what was left before
 * @param difference what is left after
 */
public record ChunkStage(String partial, String chunk, String product, String difference) {}
