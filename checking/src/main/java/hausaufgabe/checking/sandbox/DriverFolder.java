package hausaufgabe.checking.sandbox;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.List;

/**
 * A driver's files, laid out once for each version and kept. They may be read by anyone and written by us; a process that finds
 * them as they should be uses them.
 */
public final class DriverFolder {

    private static final String RESOURCES = "/hausaufgabe/checking/driver/";

    private DriverFolder() {}

    /** Lays files out in an empty folder. */
    public interface Filling {
        void fill(Path folder) throws IOException;
    }

    /**
     * Where the files are.
     *
     * @param version another one for other files
     */
    public static Path of(String version, Filling filling) {
        try {
            Path home = Path.of(System.getProperty("hausaufgabe.driver.home", System.getProperty("java.io.tmpdir")));
            Path wanted = home.resolve("hausaufgabe-driver-" + System.getProperty("user.name") + "-" + version);
            if (Files.exists(wanted)) {
                return isOurs(wanted) ? wanted : filled(home, filling);
            }
            Files.createDirectories(home);
            return once(home, wanted, filling);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Of several processes that begin together one does the work and the others wait for it. */
    private static Path once(Path home, Path wanted, Filling filling) throws IOException {
        Path lock = home.resolve(wanted.getFileName() + ".lock");
        try (FileChannel channel = FileChannel.open(lock, StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                FileLock held = channel.lock()) {
            if (held.isValid() && Files.exists(wanted) && isOurs(wanted)) {
                return wanted;
            }
            Path made = filled(home, filling);
            try {
                return Files.move(made, wanted, StandardCopyOption.ATOMIC_MOVE);
            } catch (FileSystemException e) {
                if (!Files.exists(wanted) || !isOurs(wanted)) {
                    return made;
                }
                Folders.delete(made);
                return wanted;
            }
        } finally {
            Files.deleteIfExists(lock);
        }
    }

    private static Path filled(Path home, Filling filling) throws IOException {
        Path folder = Files.createTempDirectory(home, "hausaufgabe-driver");
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        filling.fill(folder);
        return folder;
    }

    private static boolean isOurs(Path folder) throws IOException {
        return Files.getOwner(folder).getName().equals(System.getProperty("user.name"))
                && PosixFilePermissions.toString(Files.getPosixFilePermissions(folder))
                        .equals("rwxr-xr-x");
    }

    /** Copies files of this package into a folder, those in folders of their own too. */
    public static void copy(List<String> names, String from, Path folder) throws IOException {
        for (String name : names) {
            try (InputStream in = resource(from + name)) {
                Path to = folder.resolve(name);
                Path around = to.getParent();
                if (around != null && !Files.exists(around)) {
                    Files.createDirectory(
                            around, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwxr-xr-x")));
                    Files.setPosixFilePermissions(around, PosixFilePermissions.fromString("rwxr-xr-x"));
                }
                Files.copy(in, to);
                Files.setPosixFilePermissions(to, PosixFilePermissions.fromString("rw-r--r--"));
            }
        }
    }

    private static InputStream resource(String name) {
        InputStream in = DriverFolder.class.getResourceAsStream(RESOURCES + name);
        if (in == null) {
            throw new IllegalStateException("the package lacks its driver, " + name + "; build it again");
        }
        return in;
    }

    /**
     * Tells versions of a driver's files apart.
     *
     * @param said what else makes a difference, such as the runtime's version
     */
    public static String version(List<String> names, String from, String said) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            digest.update(said.getBytes(java.nio.charset.StandardCharsets.UTF_8));
            for (String name : names) {
                try (InputStream in = resource(from + name)) {
                    digest.update(in.readAllBytes());
                }
            }
            return HexFormat.of().formatHex(digest.digest(), 0, 8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
