package bemble.server.scan.folder;

import bemble.server.scan.folder.ScanFolder.LeftThere;
import jakarta.validation.constraints.NotNull;
import java.nio.file.Path;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Where the school's scanner puts its files, for a teacher signed in. */
@RestController
class ScanFolderController {
    private final ScanFolder folder;

    ScanFolderController(ScanFolder folder) {
        this.folder = folder;
    }

    /**
     * @param folder where it is on the computer that Bemble runs on; left out where none is watched
     * @param left files in it that are no sheets of a pile
     */
    record ScanFolderView(@Nullable String folder, @NotNull List<LeftThere> left) {}

    /** The folder whose files are read by themselves, and what was left in it. */
    @GetMapping("/api/scans/folder")
    ScanFolderView folder() {
        return new ScanFolderView(folder.path().map(Path::toString).orElse(null), folder.left());
    }
}
