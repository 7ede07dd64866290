package bemble.server.running;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/** The database of a demo school just made, for servers that would make the same again: to make one takes longer than to start. */
final class DemoSchool {
    private static Path backup;

    private DemoSchool() {}

    /** Puts the school into an empty folder, where one was made before in this process. */
    static synchronized void into(Path data) {
        if (backup == null) {
            return;
        }
        try (ZipFile zip = new ZipFile(backup.toFile())) {
            for (ZipEntry entry : zip.stream().toList()) {
                Files.copy(zip.getInputStream(entry), data.resolve(entry.getName()));
            }
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        }
    }

    /** Keeps what the first server of this process has made, when nothing of it is under way any more. */
    static synchronized void keep(RunningServer server) {
        if (backup != null) {
            return;
        }
        Patience.until(() -> server.count("select count(*) from pupil p where p.deleted_at is null and not exists "
                + "(select 1 from kept_pupil k where k.pupil_id = p.id)") == 0);
        try {
            Path made = Files.createTempDirectory("bemble-demo").resolve("school.zip");
            server.sql("backup to '" + made + "'");
            backup = made;
        } catch (IOException exception) {
            throw new UncheckedIOException(exception);
        }
    }
}
