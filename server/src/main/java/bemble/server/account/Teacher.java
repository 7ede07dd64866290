package bemble.server.account;

import bemble.server.ids.TeacherId;
/** A teacher's account. */
public record Teacher(TeacherId id, String login, String name, String passwordHash) {}
