package bemble.server.storage;

import java.io.File;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/**
 * Refuses to save while the disk has hardly any room, before anything is written: a write that fails half-way makes the
 * database close itself, and after many such failures its file can no longer be read.
 */
@Component
class Room {
    private final File folder;
    private final long kept;

    Room(@Value("${bemble.data}") String folder, @Value("${bemble.room}") DataSize kept) {
        this.folder = new File(folder);
        this.kept = kept.toBytes();
    }

    /** @throws DiskFull when less room is left than is kept free, or the folder cannot be asked */
    void isNeeded() {
        // Asked before every save: a FileStore would read the list of all mounts each time.
        if (folder.getUsableSpace() < kept) {
            throw new DiskFull();
        }
    }
}
