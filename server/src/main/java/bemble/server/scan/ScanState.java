package bemble.server.scan;

import bemble.core.problem.Coded;

/** How far filled pages are that were brought in. */
enum ScanState implements Coded {
    READING,
    DONE,
    STOPPED,
    FAILED
}
