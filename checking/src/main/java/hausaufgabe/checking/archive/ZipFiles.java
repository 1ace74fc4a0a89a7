package hausaufgabe.checking.archive;

import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;

/**
 * Reads the files of a zip that came from outside. One with paths that leave the folder, with too much in it, or with damage is
 * refused with a message for whoever packed it.
 */
public final class ZipFiles {

    /** Folders that belong to tools and to nobody's work. */
    static final Set<String> SKIPPED = Set.of("__MACOSX", ".git", ".svn", "target", "node_modules");

    private final ArchiveLimits limits;

    public ZipFiles(ArchiveLimits limits) {
        this.limits = limits;
    }

    /**
     * @param name what the uploader called it, for messages
     * @param wanted which files are kept, by their paths
     * @return their contents by path, in the order of the paths
     */
    public Map<String, byte[]> read(String name, byte[] bytes, Predicate<String> wanted) throws ArchiveException {
        if (bytes.length < 4 || bytes[0] != 'P' || bytes[1] != 'K') {
            throw new ArchiveException(
                    name + " is not a zip. Pack the folder with the sources as .zip and upload that.");
        }
        try {
            return read(name, bytes, wanted, StandardCharsets.UTF_8);
        } catch (NamesNotUnicode e) {
            return read(name, bytes, wanted, StandardCharsets.ISO_8859_1);
        }
    }

    /** Names in the zip are in an older encoding, which it does not say. */
    private static final class NamesNotUnicode extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    private Map<String, byte[]> read(String name, byte[] bytes, Predicate<String> isWanted, Charset names)
            throws ArchiveException {
        Map<String, byte[]> found = new TreeMap<>();
        long total = 0;
        int files = 0;
        try (ZipInputStream in = new ZipInputStream(new BufferedInputStream(new ByteArrayInputStream(bytes)), names)) {
            for (ZipEntry e = next(in, names); e != null; e = next(in, names)) {
                String path =
                        safe(name, names.equals(StandardCharsets.UTF_8) ? e.getName() : FileNames.older(e.getName()));
                if (++files > limits.files()) {
                    throw new ArchiveException(name + " holds more than " + limits.files()
                            + " files. Pack only the sources and upload again.");
                }
                boolean wanted = !e.isDirectory() && isWanted.test(path) && !isSkipped(path);
                total += take(in, wanted ? found : null, name, path, limits.bytes() - total);
            }
        } catch (ZipException | IllegalArgumentException e) {
            throw new ArchiveException(name + " is damaged (" + e.getMessage() + "). Pack it anew and upload again.");
        } catch (IOException e) {
            throw new ArchiveException(name + " ends too early. Upload it again.");
        }
        if (files == 0) {
            throw new ArchiveException(name + " is an empty zip. Pack the folder with the sources and upload again.");
        }
        return found;
    }

    private static ZipEntry next(ZipInputStream in, Charset names) throws IOException {
        try {
            return in.getNextEntry();
        } catch (ZipException | IllegalArgumentException e) {
            String said = String.valueOf(e.getMessage());
            boolean byName = names.equals(StandardCharsets.UTF_8)
                    && (e instanceof IllegalArgumentException
                            || said.contains("bad entry name")
                            || said.contains("malformed"));
            if (byName) {
                throw new NamesNotUnicode();
            }
            throw e;
        }
    }

    static String safe(String zip, String entry) throws ArchiveException {
        String path = entry.replace('\\', '/');
        boolean leaves = path.startsWith("/") || path.matches("^[A-Za-z]:.*") || ("/" + path + "/").contains("/../");
        if (leaves || path.indexOf('\0') >= 0) {
            throw new ArchiveException(FileNames.shown(zip) + " holds a file with a path that leaves the folder ("
                    + FileNames.shown(entry) + "). It was not unpacked. Pack the folder anew without such paths.");
        }
        return FileNames.shown(path);
    }

    private static boolean isSkipped(String path) {
        for (String part : path.split("/")) {
            if (SKIPPED.contains(part)) {
                return true;
            }
        }
        return path.substring(path.lastIndexOf('/') + 1).startsWith("._");
    }

    /** Reads an entry, into {@code found} where that is not null, and says how long it was. */
    private long take(InputStream in, Map<String, byte[]> found, String zip, String path, long room)
            throws IOException, ArchiveException {
        long most = found == null ? room : Math.min(room, limits.bytesPerSource() + 1L);
        byte[] kept = found == null ? null : in.readNBytes((int) Math.min(Integer.MAX_VALUE, most));
        long length = kept == null ? 0 : kept.length;
        byte[] buffer = new byte[8192];
        for (int n = in.read(buffer); n > 0; n = in.read(buffer)) {
            length += n;
            if (length > room) {
                throw new ArchiveException(zip + " unpacks to more than " + (limits.bytes() >> 20)
                        + " MB. Pack only the sources and upload again.");
            }
        }
        if (kept != null && found.put(path, kept) != null) {
            throw new ArchiveException(zip + " holds " + path + " twice. Pack it anew and upload again.");
        }
        return length;
    }
}
