package bemble.server.ids;

/** Whose data something is: every stored row belongs to a teacher. */
public record TeacherId(long value) {}
