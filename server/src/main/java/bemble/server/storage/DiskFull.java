package bemble.server.storage;

import java.io.IOException;

/** The disk has too little room for anything to be saved. */
public final class DiskFull extends RuntimeException {
    private static final long serialVersionUID = 1L;

    DiskFull() {
        super("too little room on the disk");
    }

    DiskFull(IOException unknown) {
        super("the room on the disk cannot be found out", unknown);
    }
}
