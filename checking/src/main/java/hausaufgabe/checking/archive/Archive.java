package hausaufgabe.checking.archive;

import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.util.ArrayList;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;

/** Takes the sources out of a submission, whatever it came as. Nothing is written to disk. */
public final class Archive {

    private final Predicate<String> isSource;
    private final ArchiveLimits limits;
    private final ZipFiles zips;

    /** @param isSource whether a file is a source, by its path */
    public Archive(Predicate<String> isSource, ArchiveLimits limits) {
        this.isSource = isSource;
        this.limits = limits;
        this.zips = new ZipFiles(limits);
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
                return ZipFiles.SKIPPED.contains(dir.getFileName().toString()) && !dir.equals(folder)
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
        return upload(name, zips.read(name, bytes, isSource));
    }

    /** @param files loose files by name */
    public Upload files(Map<String, byte[]> files) throws ArchiveException {
        Map<String, byte[]> found = new TreeMap<>();
        for (Map.Entry<String, byte[]> e : files.entrySet()) {
            String path = ZipFiles.safe(e.getKey(), e.getKey());
            if (!isSource.test(path)) {
                throw new ArchiveException(path + " is no source file. Choose .java files, or one .zip.");
            }
            found.put(path, e.getValue());
        }
        return upload("The upload", found);
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
