package bemble.server.start;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.MVStoreException;

/**
 * Looks at a database's file before it is opened. Its driver mends what it can by going back to what it still can read, which would
 * quietly lose what was saved since; so a file that is cut off or overwritten is told of, and left as it is.
 */
final class DatabaseFile {
    private static final int BLOCK = 4096;
    /** The two blocks at the front say where the newest part begins, in blocks, written in hexadecimal. */
    private static final Pattern NEWEST = Pattern.compile("^H:2.*[,]block:([0-9a-f]+)", Pattern.DOTALL);

    private DatabaseFile() {}

    /** @throws CannotStart where there is a file that is no whole database */
    static void requireReadable(Path file) throws IOException {
        if (!Files.exists(file)) {
            return;
        }
        if (isCutOff(file)) {
            throw damaged(file);
        }
        try (MVStore store = new MVStore.Builder().fileName(file.toString()).readOnly().open()) {
            store.getMapNames();
        } catch (MVStoreException unreadable) {
            // Another program has it open: that is told in its own words.
            if (unreadable.getErrorCode() != org.h2.mvstore.DataUtils.ERROR_FILE_LOCKED) {
                throw damaged(file);
            }
        }
    }

    private static boolean isCutOff(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            ByteBuffer front = ByteBuffer.allocate(2 * BLOCK);
            while (front.hasRemaining() && channel.read(front) >= 0) {
                // Read on until both blocks are there, or the file ends.
            }
            String text = new String(front.array(), StandardCharsets.ISO_8859_1);
            long newest = Math.max(newest(text.substring(0, BLOCK)), newest(text.substring(BLOCK)));
            return newest < 0 || newest * BLOCK >= channel.size();
        }
    }

    private static long newest(String header) {
        Matcher found = NEWEST.matcher(header);
        return found.find() ? Long.parseLong(found.group(1), 16) : -1;
    }

    private static CannotStart damaged(Path file) {
        return new CannotStart("The file " + file + " is damaged and cannot be read; nothing in it was touched. Put the whole folder "
                + "from your last copy in its place. To begin anew, give another folder with --data DIR, and keep this one.");
    }
}
