package hausaufgabe.checking.archive;

import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import java.io.BufferedInputStream;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;

/** Takes the sources out of a submission, whatever it came as. Nothing is written to disk. */
public final class Archive {

    private static final Set<String> SKIPPED = Set.of("__MACOSX", ".git", ".svn", "target", "node_modules");

    private final Predicate<String> isSource;
    private final ArchiveLimits limits;

    /** @param isSource whether a file is a source, by its path */
    public Archive(Predicate<String> isSource, ArchiveLimits limits) {
        this.isSource = isSource;
        this.limits = limits;
    }

    /** @throws ArchiveException where it is neither a folder nor a zip, or one that cannot be used */
    public Upload read(Path folderOrZip) throws ArchiveException, IOException {
        if (Files.isDirectory(folderOrZip)) {
            return folder(folderOrZip);
        }
        if (!Files.isRegularFile(folderOrZip)) {
            throw new ArchiveException("There is no folder or zip at " + folderOrZip + ".");
        }
        return zip(folderOrZip.getFileName().toString(), Files.readAllBytes(folderOrZip));
    }

    private Upload folder(Path folder) throws ArchiveException, IOException {
        Map<String, byte[]> found = new TreeMap<>();
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult preVisitDirectory(Path dir, BasicFileAttributes a) {
                return SKIPPED.contains(dir.getFileName().toString()) && !dir.equals(folder)
                        ? FileVisitResult.SKIP_SUBTREE
                        : FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes a) throws IOException {
                String path = folder.relativize(file).toString().replace('\\', '/');
                if (a.isRegularFile() && isSource.test(path)) {
                    found.put(
                            path,
                            a.size() > limits.bytesPerSource()
                                    ? new byte[limits.bytesPerSource() + 1]
                                    : Files.readAllBytes(file));
                }
                return FileVisitResult.CONTINUE;
            }
        });
        return upload(folder.getFileName() + "", found);
    }

    /** @param name what the uploader called it, for messages */
    public Upload zip(String name, byte[] bytes) throws ArchiveException {
        if (bytes.length < 4 || bytes[0] != 'P' || bytes[1] != 'K') {
            throw new ArchiveException(
                    name + " is not a zip. Pack the folder with the sources as .zip and upload that.");
        }
        try {
            return zip(name, bytes, StandardCharsets.UTF_8);
        } catch (NamesNotUnicode e) {
            return zip(name, bytes, StandardCharsets.ISO_8859_1);
        }
    }

    /** Names in the zip are in an older encoding, which it does not say. */
    private static final class NamesNotUnicode extends RuntimeException {
        private static final long serialVersionUID = 1L;
    }

    private Upload zip(String name, byte[] bytes, Charset names) throws ArchiveException {
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
                boolean wanted = !e.isDirectory() && isSource.test(path) && !isSkipped(path);
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
        return upload(name, found);
    }

    /** @param files loose files by name */
    public Upload files(Map<String, byte[]> files) throws ArchiveException {
        Map<String, byte[]> found = new TreeMap<>();
        for (Map.Entry<String, byte[]> e : files.entrySet()) {
            String path = safe(e.getKey(), e.getKey());
            if (!isSource.test(path)) {
                throw new ArchiveException(path + " is no source file. Choose .java files, or one .zip.");
            }
            found.put(path, e.getValue());
        }
        return upload("The upload", found);
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

    private static String safe(String zip, String entry) throws ArchiveException {
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

    private Upload upload(String name, Map<String, byte[]> found) throws ArchiveException {
        if (found.isEmpty()) {
            throw new ArchiveException(
                    name + " holds no source file this exercise can read (.java). Was the right folder packed?");
        }
        ArrayList<SourceFile> sources = new ArrayList<>();
        ArrayList<Diagnostic> remarks = new ArrayList<>();
        for (Map.Entry<String, byte[]> e : found.entrySet()) {
            if (e.getValue().length > limits.bytesPerSource()) {
                throw new ArchiveException(e.getKey() + " is larger than " + (limits.bytesPerSource() >> 20)
                        + " MB, which no handwritten source is. Leave it out and upload again.");
            }
            SourceText text = SourceText.of(e.getKey(), e.getValue());
            FileNames.hidden(text.text())
                    .ifPresent(h -> remarks.add(new Diagnostic(
                            e.getKey(),
                            h.line(),
                            "holds an invisible character, " + h.shown()
                                    + ", which may make code look like other code")));
            sources.add(new SourceFile(e.getKey(), text.text()));
            if (text.remark() != null) {
                remarks.add(new Diagnostic(e.getKey(), 0, text.remark()));
            }
        }
        return new Upload(java.util.List.copyOf(sources), java.util.List.copyOf(remarks));
    }
}
