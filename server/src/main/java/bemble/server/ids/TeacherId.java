package bemble.server.ids;

import java.io.Serializable;

/** Whose data something is: every stored row belongs to a teacher. */
public record TeacherId(long value) implements Serializable {}
