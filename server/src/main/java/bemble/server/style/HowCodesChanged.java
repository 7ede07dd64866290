package bemble.server.style;

/** A teacher has changed which codes say that somebody helped. */
public record HowCodesChanged(long teacherId) {}
