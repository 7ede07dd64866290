package bemble.server.start;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Queue;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.stream.Stream;

/** The folder that holds everything one Bemble keeps. It is readable by its owner only, and one server uses it at a time. */
public final class DataFolder {
    private static final String DATABASE = "bemble";
    private static final String DATABASE_FILE = DATABASE + ".mv.db";
    private static final String IN_USE = "in-use";
    /** Tells data of the demo school, which may be emptied, from a real school's. */
    private static final String DEMO_MARK = "demo-school";
    private static final Set<PosixFilePermission> OWNER_ONLY = PosixFilePermissions.fromString("rwx------");
    private static final Set<PosixFilePermission> OWNER_FILE = PosixFilePermissions.fromString("rw-------");

    private final Path folder;
    /** Held until the server ends. */
    /** The folders of this program. A channel that nobody knows any more is closed some time, and its lock is gone. */
    private static final Queue<DataFolder> OPENED = new ConcurrentLinkedQueue<>();

    private final FileChannel lock;

    private DataFolder(Path folder, FileChannel lock) {
        this.folder = folder;
        this.lock = lock;
    }

    /**
     * Opens a folder, which is made where it is missing. One that holds other things is left as it is.
     *
     * @throws CannotStart where it cannot be written, is not Bemble's, holds damaged data, or another Bemble uses it
     */
    public static DataFolder open(Path wanted) {
        Path folder = wanted.toAbsolutePath().normalize();
        try {
            if (holdsOtherThings(folder)) {
                throw new CannotStart(
                        "The folder " + folder + " holds other things, and Bemble keeps a folder for itself. "
                                + "Give it one of its own: --data " + folder.resolve("bemble-data"));
            }
            DatabaseFile.requireReadable(folder.resolve(DATABASE_FILE));
            Files.createDirectories(folder);
            keepToOwner(folder, OWNER_ONLY);
            Path file = folder.resolve(IN_USE);
            FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            keepToOwner(file, OWNER_FILE);
            if (channel.tryLock() == null) {
                channel.close();
                throw new CannotStart("Another Bemble is using the data in " + folder
                        + ". Stop that one first, or choose another folder with --data DIR.");
            }
            DataFolder opened = new DataFolder(folder, channel);
            OPENED.add(opened);
            return opened;
        } catch (IOException exception) {
            throw new CannotStart(
                    "The data folder " + folder + " cannot be written. Choose another with --data DIR, or "
                            + "let its owner give you the right to write there.");
        }
    }

    /** Whether a folder is there that Bemble has not made: there is something in it, and nothing of Bemble's. */
    private static boolean holdsOtherThings(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return false;
        }
        try (Stream<Path> there = Files.list(folder)) {
            List<String> names = there.map(path -> path.getFileName().toString()).toList();
            return !names.isEmpty() && names.stream().noneMatch(List.of(IN_USE, DATABASE_FILE, DEMO_MARK)::contains);
        }
    }

    public Path path() {
        return folder;
    }

    /** Whether the lock is still held; it is let go when the program ends. */
    public boolean isOpen() {
        return lock.isOpen();
    }

    /**
     * Makes the folder ready for the demo school.
     *
     * @param empty whether what an earlier demo left is to go
     * @throws CannotStart where a real school's data are there
     */
    public void forDemo(boolean empty) {
        try {
            Path mark = folder.resolve(DEMO_MARK);
            if (Files.exists(folder.resolve(DATABASE_FILE)) && !Files.exists(mark)) {
                throw new CannotStart(
                        "The folder " + folder + " holds a school's own data, and the demo leaves it alone. "
                                + "Start it with ./bemble start --data, or give the demo another folder.");
            }
            if (empty) {
                for (String name : List.of(DATABASE_FILE, DATABASE + ".trace.db")) {
                    Files.deleteIfExists(folder.resolve(name));
                }
            }
            Files.writeString(mark, "Data of the demo school, made up by Bemble.\n");
        } catch (IOException exception) {
            throw new CannotStart(
                    "The folder " + folder + " cannot be emptied for the demo: " + exception.getMessage());
        }
    }

    /**
     * Where the database is, as its driver can read it: a semicolon ends the name there, so a folder that has one is
     * reached by another name.
     */
    public String database() {
        Path file = folder.resolve(DATABASE);
        if (file.toString().indexOf(';') < 0) {
            return file.toString();
        }
        try {
            Path other = Path.of(System.getProperty("java.io.tmpdir"), "bemble-" + UUID.randomUUID());
            Files.createSymbolicLink(other, folder);
            other.toFile().deleteOnExit();
            return other.resolve(DATABASE).toString();
        } catch (IOException | UnsupportedOperationException exception) {
            throw new CannotStart("The name of the folder " + folder
                    + " has a semicolon, which does not work on this computer. Choose another with --data DIR.");
        }
    }

    /** Lets nobody but the owner read the database file, once it is there. */
    public void keepDatabaseToOwner() {
        try {
            keepToOwner(folder.resolve(DATABASE_FILE), OWNER_FILE);
        } catch (IOException exception) {
            throw new CannotStart("The file " + folder.resolve(DATABASE_FILE) + " cannot be kept from others: "
                    + exception.getMessage());
        }
    }

    private static void keepToOwner(Path path, Set<PosixFilePermission> rights) throws IOException {
        if (Files.exists(path) && Files.getFileStore(path).supportsFileAttributeView("posix")) {
            Files.setPosixFilePermissions(path, rights);
        }
    }
}
