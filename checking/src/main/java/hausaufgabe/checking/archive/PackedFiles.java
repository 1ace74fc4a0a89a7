package hausaufgabe.checking.archive;

import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Predicate;
import org.apache.commons.compress.archivers.tar.TarArchiveEntry;
import org.apache.commons.compress.archivers.tar.TarArchiveInputStream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.compress.compressors.gzip.GzipCompressorInputStream;
import org.apache.commons.compress.utils.SeekableInMemoryByteChannel;

/**
 * Reads the files of a .zip, .tar or .tar.gz that came from outside. One with paths that leave the folder, with too much in it,
 * with a password or with damage is refused with a message for whoever packed it. Nothing is written to disk.
 */
public final class PackedFiles {

    /** Folders one in the other. */
    private static final int DEEPEST = 40;

    private static final int LONGEST_PATH = 400;
    /** How many times larger something may become by unpacking; sources become five to ten times larger. */
    private static final long SWELLS = 400;
    /** Bytes below which it does not matter how much something swells. */
    private static final long SMALL = 1 << 20;

    private final ArchiveLimits limits;

    public PackedFiles(ArchiveLimits limits) {
        this.limits = limits;
    }

    /**
     * What an archive held.
     *
     * @param files by path, in the order of the paths
     * @param leftOut what nobody asked for, in the order of its paths
     */
    public record Contents(Map<String, byte[]> files, List<LeftOut> leftOut) {
        public Contents {
            files = Collections.unmodifiableMap(files);
            leftOut = List.copyOf(leftOut);
        }
    }

    /** How something is packed. */
    enum Packing {
        ZIP,
        TAR,
        TAR_GZ,
        /** In none of the ways that are read here. */
        OTHER
    }

    static Packing packing(byte[] bytes) {
        if (bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K') {
            return Packing.ZIP;
        }
        if (bytes.length > 2 && (bytes[0] & 0xFF) == 0x1F && (bytes[1] & 0xFF) == 0x8B) {
            return Packing.TAR_GZ;
        }
        boolean tar = bytes.length > 262 && new String(bytes, 257, 5, StandardCharsets.US_ASCII).equals("ustar");
        return tar ? Packing.TAR : Packing.OTHER;
    }

    /** Whether a file is an archive that is read here, by its name. */
    public static boolean isNamedSo(String path) {
        String p = path.toLowerCase(Locale.ROOT);
        return p.endsWith(".zip") || p.endsWith(".tar") || p.endsWith(".tar.gz") || p.endsWith(".tgz");
    }

    /**
     * @param name what the uploader called it, for messages
     * @param wanted which files are kept, by their paths
     */
    public Contents read(String name, byte[] bytes, Predicate<String> wanted) throws ArchiveException {
        try {
            return switch (packing(bytes)) {
                case ZIP -> zip(name, bytes, wanted);
                case TAR -> tar(name, new ByteArrayInputStream(bytes), bytes.length, wanted);
                case TAR_GZ ->
                    tar(
                            name,
                            new BufferedInputStream(GzipCompressorInputStream.builder()
                                    .setInputStream(new ByteArrayInputStream(bytes))
                                    .setDecompressConcatenated(true)
                                    .get()),
                            bytes.length,
                            wanted);
                case OTHER ->
                    throw new ArchiveException(
                            name
                                    + " is not a zip and no .tar.gz. Pack the folder with the sources as .zip and upload that.");
            };
        } catch (IOException | IllegalArgumentException e) {
            throw new ArchiveException(name + " is damaged or ends too early ("
                    + FileNames.shown(String.valueOf(e.getMessage())) + "). Pack it anew and upload again.");
        }
    }

    private Contents zip(String name, byte[] bytes, Predicate<String> wanted) throws IOException, ArchiveException {
        try (ZipFile zip = ZipFile.builder()
                .setSeekableByteChannel(new SeekableInMemoryByteChannel(bytes))
                .setCharset(StandardCharsets.ISO_8859_1)
                .setUseUnicodeExtraFields(true)
                .get()) {
            List<ZipArchiveEntry> entries = Collections.list(zip.getEntriesInPhysicalOrder());
            if (entries.size() > limits.files()) {
                throw tooMany(name);
            }
            Gathering g = new Gathering(name, bytes.length, wanted);
            List<String> paths = new ArrayList<>();
            for (ZipArchiveEntry e : entries) {
                paths.add(path(name, e));
            }
            g.clutter = new Clutter(paths);
            for (int i = 0; i < entries.size(); i++) {
                ZipArchiveEntry e = entries.get(i);
                if (e.getGeneralPurposeBit().usesEncryption()) {
                    throw new ArchiveException(
                            name + " is packed with a password. Pack it without one and upload again.");
                }
                if (e.isDirectory()) {
                    continue;
                }
                if (e.isUnixSymlink()) {
                    g.link(paths.get(i));
                    continue;
                }
                if (!zip.canReadEntryData(e)) {
                    throw new ArchiveException(name + " is packed in a way that is not read here (" + paths.get(i)
                            + "). Pack it as an ordinary .zip and upload again.");
                }
                try (InputStream in = zip.getInputStream(e)) {
                    g.take(paths.get(i), in);
                }
            }
            return g.contents(entries.isEmpty());
        }
    }

    private static String path(String name, ZipArchiveEntry e) throws ArchiveException {
        if (e.getGeneralPurposeBit().usesUTF8ForNames()
                || e.getNameSource() == ZipArchiveEntry.NameSource.UNICODE_EXTRA_FIELD) {
            return safe(name, e.getName());
        }
        byte[] raw = e.getRawName();
        try {
            return safe(
                    name,
                    StandardCharsets.UTF_8
                            .newDecoder()
                            .decode(ByteBuffer.wrap(raw))
                            .toString());
        } catch (CharacterCodingException notUnicode) {
            return safe(name, FileNames.older(new String(raw, StandardCharsets.ISO_8859_1)));
        }
    }

    private Contents tar(String name, InputStream packed, long length, Predicate<String> wanted)
            throws IOException, ArchiveException {
        Gathering g = new Gathering(name, length, path -> true);
        int entries = 0;
        try (TarArchiveInputStream tar = new TarArchiveInputStream(packed, "UTF-8")) {
            for (TarArchiveEntry e = tar.getNextEntry(); e != null; e = tar.getNextEntry()) {
                if (++entries > limits.files()) {
                    throw tooMany(name);
                }
                String path = safe(name, e.getName());
                if (e.isSymbolicLink() || e.isLink() || !(e.isFile() || e.isDirectory())) {
                    g.link(path);
                } else if (e.isFile()) {
                    g.take(path, tar);
                }
            }
        }
        // which folders are clutter shows only once all is read, since a tar has no list of what it holds
        Contents all = g.contents(entries == 0);
        Gathering kept = new Gathering(name, length, wanted);
        kept.clutter = new Clutter(all.files().keySet());
        kept.leftOut.putAll(g.leftOut);
        for (Map.Entry<String, byte[]> e : all.files().entrySet()) {
            kept.take(e.getKey(), new ByteArrayInputStream(e.getValue()));
        }
        return kept.contents(false);
    }

    private ArchiveException tooMany(String name) {
        return new ArchiveException(
                name + " holds more than " + limits.files() + " files. Pack only the sources and upload again.");
    }

    static String safe(String archive, String entry) throws ArchiveException {
        String path = entry.replace('\\', '/');
        while (path.startsWith("./")) {
            path = path.substring(2);
        }
        boolean leaves = path.startsWith("/") || path.matches("^[A-Za-z]:.*") || ("/" + path + "/").contains("/../");
        if (leaves || path.indexOf('\0') >= 0) {
            throw new ArchiveException(FileNames.shown(archive) + " holds a file with a path that leaves the folder ("
                    + FileNames.shown(entry) + "). It was not unpacked. Pack the folder anew without such paths.");
        }
        if (path.length() > LONGEST_PATH || path.chars().filter(c -> c == '/').count() > DEEPEST) {
            throw new ArchiveException(FileNames.shown(archive) + " holds a file that lies too deep ("
                    + FileNames.shown(path.substring(0, Math.min(80, path.length()))) + "…): " + DEEPEST
                    + " folders and " + LONGEST_PATH + " characters are most. Pack only the sources and upload again.");
        }
        return FileNames.shown(path);
    }

    /** What is taken from one archive. */
    private final class Gathering {

        private final String archive;
        private final long packed;
        private final Predicate<String> wanted;
        private final Map<String, byte[]> found = new TreeMap<>();
        private final Map<String, LeftOut> leftOut = new TreeMap<>();
        private final TreeSet<String> seen = new TreeSet<>();
        private Clutter clutter = new Clutter(List.of());
        private long total;

        private Gathering(String archive, long packed, Predicate<String> wanted) {
            this.archive = archive;
            this.packed = packed;
            this.wanted = wanted;
        }

        private void link(String path) {
            leftOut.put(path, new LeftOut(path, "is a link to another file, which is not followed"));
        }

        private void take(String path, InputStream in) throws IOException, ArchiveException {
            if (!seen.add(path)) {
                throw new ArchiveException(archive + " holds " + path + " twice. Pack it anew and upload again.");
            }
            LeftOut out = clutter.of(path);
            boolean kept = out == null && wanted.test(path);
            if (kept) {
                found.put(path, bytes(in, isNamedSo(path) ? (int) limits.bytes() : limits.bytesPerSource() + 1));
                return;
            }
            LeftOut told = out == null ? new LeftOut(path, NotASource.why(path)) : out;
            leftOut.put(told.path(), told);
            byte[] buffer = new byte[8192];
            for (int n = in.read(buffer); n > 0; n = in.read(buffer)) {
                count(n);
            }
        }

        /** A file's bytes, at most so many; the rest is read and counted. */
        private byte[] bytes(InputStream in, int most) throws IOException, ArchiveException {
            byte[] kept = in.readNBytes(most);
            count(kept.length);
            byte[] buffer = new byte[8192];
            for (int n = in.read(buffer); n > 0; n = in.read(buffer)) {
                count(n);
            }
            return kept;
        }

        private void count(int bytes) throws ArchiveException {
            total += bytes;
            if (total > limits.bytes()) {
                throw new ArchiveException(archive + " unpacks to more than " + said(limits.bytes())
                        + ". Pack only the sources and upload again.");
            }
            if (total > SMALL && total / Math.max(1, packed) > SWELLS) {
                throw new ArchiveException(archive + " unpacks to more than " + SWELLS
                        + " times its size, which no sources do. Pack only the sources and upload again.");
            }
        }

        private Contents contents(boolean empty) throws ArchiveException {
            if (empty) {
                throw new ArchiveException(
                        archive + " is an empty archive. Pack the folder with the sources and upload again.");
            }
            return new Contents(new TreeMap<>(found), new ArrayList<>(leftOut.values()));
        }
    }

    private static String said(long bytes) {
        return bytes < 1 << 20 ? (bytes >> 10) + " KB" : (bytes >> 20) + " MB";
    }
}
