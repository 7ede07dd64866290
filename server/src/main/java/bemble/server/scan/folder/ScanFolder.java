package bemble.server.scan.folder;

import bemble.core.problem.Refusal;
import bemble.core.scan.PageCode;
import bemble.server.background.DaemonThreads;
import bemble.server.faults.Busy;
import bemble.server.faults.Missing;
import bemble.server.scan.FilledFile;
import bemble.server.scan.ScanService;
import bemble.server.scan.folder.PileOfPages.Pile;
import bemble.server.storage.DiskFull;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.nio.file.attribute.FileTime;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/**
 * The folder into which a school's scanner puts its files. Those with a sheet of Bemble are read into their pile by themselves and moved
 * aside; all others are left where they are.
 */
@Component
class ScanFolder implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(ScanFolder.class);
    private static final long LOOK_AGAIN_SECONDS = 2;
    private static final String TAKEN = "read by Bemble";
    private static final Set<String> ENDINGS = Set.of("pdf", "png", "jpg", "jpeg");

    /** A file as it was seen: one that still grows is another at the next look. */
    private record Seen(String name, long bytes, FileTime changed) {}

    /**
     * A file that was left where it is.
     *
     * @param say why, and what to do
     */
    record LeftThere(@NotNull String name, @NotNull String say) {}

    private final @Nullable Path folder;
    private final ScanService scans;
    private final PileOfPages piles;
    private final ScheduledExecutorService looking =
            Executors.newSingleThreadScheduledExecutor(DaemonThreads.named("scan folder"));
    /** Why each file that was left is no sheet of a pile; touched by the one who looks alone. */
    private final Map<Seen, String> left = new HashMap<>();
    /** The codes of files that wait, looked for once: pages are not drawn again at each look. */
    private final Map<Seen, PageCode> codes = new HashMap<>();
    private Set<Seen> before = Set.of();
    /** The same for others to read. */
    private volatile List<LeftThere> told = List.of();

    ScanFolder(@Value("${bemble.scans:}") String folder, ScanService scans, PileOfPages piles) {
        this.folder = folder.isBlank() ? null : Path.of(folder).toAbsolutePath().normalize();
        this.scans = scans;
        this.piles = piles;
    }

    /** Where it is; nothing where no folder is watched. */
    Optional<Path> path() {
        return Optional.ofNullable(folder);
    }

    /** What was left there at the last look. */
    List<LeftThere> left() {
        return told;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        if (folder != null) {
            looking.scheduleWithFixedDelay(this::look, 0, LOOK_AGAIN_SECONDS, TimeUnit.SECONDS);
        }
    }

    /** Takes in what lay there at the last look and has not changed since. */
    private void look() {
        try {
            Set<Seen> now = seen();
            left.keySet().retainAll(now);
            codes.keySet().retainAll(now);
            for (Seen file : now) {
                // A sheet of ours without a pile is asked about again: its pile may have been begun meanwhile.
                if (before.contains(file) && (codes.containsKey(file) || !left.containsKey(file))) {
                    take(file);
                }
            }
            before = now;
            told = left.entrySet().stream().map(each -> new LeftThere(each.getKey().name(), each.getValue()))
                    .sorted(Comparator.comparing(LeftThere::name)).toList();
        } catch (IOException | RuntimeException failure) {
            LOG.warn("The folder of scans could not be looked at; it is looked at again", failure);
        }
    }

    private Path watched() {
        return Objects.requireNonNull(folder);
    }

    private Set<Seen> seen() throws IOException {
        Set<Seen> seen = new LinkedHashSet<>();
        if (!Files.isDirectory(watched())) {
            return seen;
        }
        try (Stream<Path> files = Files.list(watched())) {
            for (Path file : files.sorted().toList()) {
                String name = Objects.toString(file.getFileName());
                String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
                if (ENDINGS.contains(ending) && Files.isRegularFile(file)) {
                    BasicFileAttributes is = Files.readAttributes(file, BasicFileAttributes.class);
                    seen.add(new Seen(name, is.size(), is.lastModifiedTime()));
                }
            }
        }
        return seen;
    }

    private void take(Seen file) {
        try {
            FilledFile.requireRoom(file.bytes());
            byte[] bytes = Files.readAllBytes(watched().resolve(file.name()));
            PageCode code = codes.get(file);
            if (code == null) {
                code = FilledFile.firstCode(bytes);
                codes.put(file, code);
            }
            Pile pile = piles.of(code);
            scans.begin(pile.teacher(), pile.marking(), file.name(), bytes);
            moveAside(file.name());
        } catch (Refusal | Missing notOurs) {
            left.put(file, Objects.toString(notOurs.getMessage()));
        } catch (Busy | DiskFull | DataAccessException later) {
            LOG.debug("A file waits in the folder of scans", later);
        } catch (IOException unreadable) {
            codes.remove(file);
            left.put(file, "This file cannot be read or moved. See that Bemble may change the folder it lies in.");
        }
    }

    private void moveAside(String name) throws IOException {
        Path aside = Files.createDirectories(watched().resolve(TAKEN));
        for (int i = 1;; i++) {
            try {
                Files.move(watched().resolve(name), aside.resolve(i == 1 ? name : i + " " + name));
                return;
            } catch (FileAlreadyExistsException taken) {
                LOG.debug("A file of that name was taken in before");
            }
        }
    }

    @Override
    public void close() {
        looking.shutdownNow();
    }
}
