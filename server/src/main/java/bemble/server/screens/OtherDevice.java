package bemble.server.screens;

import bemble.server.faults.UserFacingException;

/** A second device would write under a name under which another has written; the teacher sees that. */
final class OtherDevice extends UserFacingException {
    OtherDevice() {
        super("Somebody writes under this name on another device. Ask your teacher.");
    }
}
