package bemble.server.screens;

import bemble.core.problem.Coded;

/** How far a pupil is with a set that is open at screens. */
enum PlaceState implements Coded {
    AWAY,
    WRITING,
    HANDED_IN,
    /** What was written was taken in when the set was ended. */
    COLLECTED
}
