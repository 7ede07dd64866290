package bemble.server.screens;

/** Something has changed in a session; who watches is told once that is saved. */
record SessionChanged(long sessionId) {}
