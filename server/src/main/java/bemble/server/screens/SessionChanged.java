package bemble.server.screens;

import bemble.server.ids.SessionId;

/** Something has changed in a session; who watches is told once that is saved. */
record SessionChanged(SessionId sessionId) {}
