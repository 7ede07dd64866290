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
    private static final String HEADER = "H:2,";
    /** The two blocks at the front say where the newest part begins, in blocks, written in hexadecimal. */
    private static final Pattern NEWEST = Pattern.compile("^H:2,[^\\n]*?block:([0-9a-f]+)");

    /** Where a part stands and how many blocks it takes, as the database notes it. */
    private static final Pattern PART = Pattern.compile("(?:^|,)block:([0-9a-f]+),.*?(?<![a-z])len:([0-9a-f]+)");

    /** How many blocks a part takes, as it says itself at its beginning. */
    private static final Pattern LENGTH = Pattern.compile("^chunk:[^\n]*?,len:([0-9a-f]+)");

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
            long blocks = Files.size(file) / BLOCK;
            if (store.getLayoutMap().values().stream().anyMatch(part -> end(part) > blocks)) {
                throw damaged(file);
            }
        } catch (MVStoreException unreadable) {
            // Another program has it open: that is told in its own words.
            if (unreadable.getErrorCode() != org.h2.mvstore.DataUtils.ERROR_FILE_LOCKED) {
                throw damaged(file);
            }
        }
    }

    /** Behind which block a part of the database ends; 0 of what says nothing of it. */
    private static long end(String part) {
        Matcher where = PART.matcher(part);
        return where.find() ? Long.parseLong(where.group(1), 16) + Long.parseLong(where.group(2), 16) : 0;
    }

    private static boolean isCutOff(Path file) throws IOException {
        try (FileChannel channel = FileChannel.open(file, StandardOpenOption.READ)) {
            String front = text(channel, 0, 2 * BLOCK);
            if (!front.startsWith(HEADER) && !front.startsWith(HEADER, BLOCK)) {
                return true;
            }
            long newest = Math.max(newest(front.substring(0, BLOCK)), newest(front.substring(BLOCK)));
            if (newest < 0) {
                // It was never closed in order; the parts it still knows are looked at below.
                return false;
            }
            if (newest * BLOCK >= channel.size()) {
                return true;
            }
            Matcher length = LENGTH.matcher(text(channel, newest * BLOCK, BLOCK));
            return length.find() && (newest + Long.parseLong(length.group(1), 16)) * BLOCK > channel.size();
        }
    }

    private static String text(FileChannel channel, long from, int length) throws IOException {
        ByteBuffer bytes = ByteBuffer.allocate(length);
        for (long at = from; bytes.hasRemaining();) {
            int read = channel.read(bytes, at);
            if (read < 0) {
                break;
            }
            at += read;
        }
        return new String(bytes.array(), StandardCharsets.ISO_8859_1);
    }

    private static long newest(String header) {
        Matcher found = NEWEST.matcher(header);
        return found.find() ? Long.parseLong(found.group(1), 16) : -1;
    }

    private static CannotStart damaged(Path file) {
        return new CannotStart("The file " + file
                + " is damaged and cannot be read; nothing in it was touched. Put the whole folder "
                + "from your last copy in its place. To begin anew, give another folder with --data DIR, and keep this one.");
    }
}
