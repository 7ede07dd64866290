package bemble.server.scan;

import bemble.core.problem.Coded;

/** What became of a page that was brought in. */
enum PageState implements Coded {
    /** Its answers are read. */
    READ,
    /** It is a sheet of ours, but whose it is does not stand on it, or they are of another class. */
    NOBODYS,
    /** The same page of the same child was brought in before. */
    TWICE,
    /** No sheet is known on it, or it is not seen well enough. */
    NOT_READ
}
