package bemble.server.classes;

/** A class as it is stored. */
record StoredClass(long id, String name, int revision) {}
