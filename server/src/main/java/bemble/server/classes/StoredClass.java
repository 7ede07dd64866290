package bemble.server.classes;

import bemble.server.ids.ClassId;

/** A class as it is stored. */
record StoredClass(ClassId id, String name, int revision) {}
