package bemble.server.storage;

/** The disk has too little room for anything to be saved. */
public final class DiskFull extends RuntimeException {
    private static final long serialVersionUID = 1L;

    DiskFull() {
        super("too little room on the disk");
    }
}
