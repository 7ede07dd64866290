package bemble.server.marking.kept;

/** Papers have come in that are to be judged; which ones stands in the database. */
public record PapersWait() {}
