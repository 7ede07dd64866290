package bemble.server.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is in a folder is told in plain words, and left as it is. */
class DataFolderTest {
    private static final int BLOCK = 4096;
    @TempDir
    private Path folder;

    private Path database() throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("bemble"));
                Statement statement = connection.createStatement()) {
            statement.execute("create table saved as select x, repeat('7 3152 ', 40) from system_range(1, 4000)");
        }
        return folder.resolve("bemble.mv.db");
    }

    @Test
    void aWholeDatabaseIsOpenedOneThatWasCutOffInTheMiddleOfWorkToo() throws Exception {
        Path file = database();
        assertThatCode(() -> DatabaseFile.requireReadable(file)).doesNotThrowAnyException();
        Files.delete(file);
        // The first time it is used the head of the file does not say yet where its newest part is.
        try (Connection connection = DriverManager.getConnection("jdbc:h2:file:" + folder.resolve("bemble"));
                Statement statement = connection.createStatement()) {
            statement.execute("create table more as select x from system_range(1, 4000)");
            statement.execute("checkpoint sync");
            statement.execute("shutdown immediately");
        } catch (SQLException closed) {
            // There is no database any more that could report to the statement.
        }
        assertThatCode(() -> DatabaseFile.requireReadable(file)).doesNotThrowAnyException();
    }

    @ParameterizedTest
    @CsvSource({"half", "head", "text", "empty"})
    void aDamagedDatabaseIsToldOfAndNotTouched(String kind) throws Exception {
        Path file = database();
        byte[] whole = Files.readAllBytes(file);
        byte[] damaged = switch (kind) {
            case "half" -> Arrays.copyOf(whole, whole.length / 2);
            case "text" -> "Dear colleague".getBytes(StandardCharsets.UTF_8);
            case "empty" -> new byte[0];
            default -> whole.clone();
        };
        if (kind.equals("head")) {
            Arrays.fill(damaged, 0, 2 * BLOCK, (byte) 0);
        }
        Files.write(file, damaged);
        assertThatThrownBy(() -> DataFolder.open(folder)).isInstanceOf(CannotStart.class)
                .hasMessageContaining("is damaged").hasMessageContaining("last copy").hasMessageNotContaining("bean");
        assertThat(Files.readAllBytes(file)).isEqualTo(damaged);
    }

    @Test
    void aFolderWithOtherThingsIsRefusedAndItsRightsStay() throws IOException {
        Files.writeString(folder.resolve("letters.txt"), "mine");
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        assertThatThrownBy(() -> DataFolder.open(folder)).isInstanceOf(CannotStart.class)
                .hasMessageContaining("holds other things").hasMessageContaining("--data");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder))).isEqualTo("rwxr-xr-x");
        Path own = folder.resolve("bemble-data");
        DataFolder.open(own);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(own))).isEqualTo("rwx------");
    }
}
