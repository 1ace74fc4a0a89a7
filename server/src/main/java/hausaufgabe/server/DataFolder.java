package hausaufgabe.server;

import java.io.IOException;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The folder of the records: whoever else has an account on the machine sees nothing of it. */
final class DataFolder {

    private static final Logger LOG = LoggerFactory.getLogger(DataFolder.class);
    /** What earlier runs may have left in the machine's folder for such. */
    private static final List<String> LEFTOVERS =
            List.of("hausaufgabe-run", "hausaufgabe-driver", "tomcat.", "tomcat-docbase.");

    private static final Duration OLD = Duration.ofDays(2);

    private DataFolder() {}

    /** Makes the folder where it is not there, closes it to others, and clears what earlier runs left behind. */
    static void prepare(Path folder) throws IOException {
        Files.createDirectories(folder);
        close(folder);
        clear(Path.of(System.getProperty("java.io.tmpdir")), Instant.now().minus(OLD));
    }

    /** Takes from others whatever they could read. */
    static void close(Path folder) throws IOException {
        if (!FileSystems.getDefault().supportedFileAttributeViews().contains("posix")) {
            return;
        }
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx------"));
        try (Stream<Path> files = Files.list(folder)) {
            for (Path f : files.filter(Files::isRegularFile).toList()) {
                Files.setPosixFilePermissions(f, PosixFilePermissions.fromString("rw-------"));
            }
        }
    }

    /** What is ours, is of one of our kinds, and was touched by nobody for a while. The driver's files that are in use stay. */
    static void clear(Path temporary, Instant before) {
        try (Stream<Path> all = Files.list(temporary)) {
            for (Path p : all.filter(DataFolder::isLeftover).toList()) {
                if (Files.getLastModifiedTime(p).toInstant().isBefore(before)
                        && Files.getOwner(p).getName().equals(System.getProperty("user.name"))) {
                    delete(p);
                }
            }
        } catch (IOException e) {
            LOG.info("leftovers of earlier runs could not be cleared: {}", e.getMessage());
        }
    }

    private static boolean isLeftover(Path p) {
        String name = p.getFileName().toString();
        boolean kept = name.matches("hausaufgabe-driver-.*-[0-9a-f]{16}");
        return !kept && Files.isDirectory(p) && LEFTOVERS.stream().anyMatch(name::startsWith);
    }

    private static void delete(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path p : all.sorted((a, b) -> b.compareTo(a)).toList()) {
                Files.deleteIfExists(p);
            }
        }
    }
}
