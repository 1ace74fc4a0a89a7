package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DataFolderTest {

    @TempDir
    private Path folder;

    @Test
    void recordsAreForTheirOwnerOnly() throws Exception {
        Path data = folder.resolve("data");
        DataFolder.prepare(data);
        Path records = Files.createFile(
                data.resolve("records.mv.db"),
                PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-r--r--")));

        DataFolder.close(data);

        assertEquals("rwx------", PosixFilePermissions.toString(Files.getPosixFilePermissions(data)));
        assertEquals("rw-------", PosixFilePermissions.toString(Files.getPosixFilePermissions(records)));
    }

    @Test
    void whatEarlierRunsLeftIsClearedAndNothingElse() throws Exception {
        Instant now = Instant.now();
        Path old = made("hausaufgabe-run123", now.minus(Duration.ofDays(3)));
        Path young = made("hausaufgabe-run456", now);
        Path driver = made("hausaufgabe-driver-root-0123456789abcdef", now.minus(Duration.ofDays(30)));
        Path other = made("harbour", now.minus(Duration.ofDays(30)));

        DataFolder.clear(folder, now.minus(Duration.ofDays(2)));

        assertFalse(Files.exists(old));
        assertTrue(Files.exists(young));
        assertTrue(Files.exists(driver));
        assertTrue(Files.exists(other));
    }

    private Path made(String name, Instant at) throws Exception {
        Path made = Files.createDirectory(folder.resolve(name));
        Files.writeString(made.resolve("left.txt"), "left");
        Files.setLastModifiedTime(made, FileTime.from(at));
        return made;
    }
}
