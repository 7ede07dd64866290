package bemble.core.hand;

import bemble.core.working.Spoken;

/** Says what is done, from the decisions that were made in doing it. */
@FunctionalInterface
public interface Talk {
    Spoken say(Said said);
}
