package bemble.server.marking.kept;

/** Something was answered or judged otherwise; whose answers it was is counted in the database. */
public record AnswersChanged() {}
