package bemble.core.record;

/** One jump along the number line. */
public record Jump(String from, String to, String size) {}
