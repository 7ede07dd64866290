package bemble.server.account;

/** A teacher's account. */
public record Teacher(long id, String login, String name, String passwordHash) {}
