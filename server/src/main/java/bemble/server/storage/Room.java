package bemble.server.storage;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.util.unit.DataSize;

/**
 * Refuses to save while the disk has hardly any room, before anything is written: a write that fails half-way makes the
 * database close itself, and after many such failures its file can no longer be read.
 */
@Component
class Room {
    private final Path folder;
    private final long kept;

    Room(@Value("${bemble.data}") String folder, @Value("${bemble.room}") DataSize kept) {
        this.folder = Path.of(folder);
        this.kept = kept.toBytes();
    }

    /** @throws DiskFull when less room is left than is kept free */
    void isNeeded() {
        try {
            if (Files.getFileStore(folder).getUsableSpace() < kept) {
                throw new DiskFull();
            }
        } catch (IOException unknown) {
            throw new DiskFull(unknown);
        }
    }
}
