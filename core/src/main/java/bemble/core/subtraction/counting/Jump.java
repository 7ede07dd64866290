package bemble.core.subtraction.counting;

/** One jump along the number line. */
public record Jump(String from, String to, String size) {}
