package bemble.core.style.option;

import bemble.core.problem.Coded;

/** One way of doing a thing, out of the few that a choice of the house style offers. Implemented by enums. */
public interface Option extends Coded {
    /** The words a teacher reads on screen. */
    String label();
}
