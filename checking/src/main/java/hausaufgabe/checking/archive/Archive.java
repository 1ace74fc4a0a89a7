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
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Predicate;

/** Takes the sources out of a submission, whatever it came as. Nothing is written to disk. */
public final class Archive {

    private final Predicate<String> isSource;
    private final String endings;
    private final ArchiveLimits limits;
    private final PackedFiles packed;

    /** @param files which of an upload's files are sources */
    public Archive(SourceFiles files, ArchiveLimits limits) {
        this(files, limits, files.said());
    }

    /** @param isSource by path */
    public Archive(Predicate<String> isSource, ArchiveLimits limits) {
        this(isSource, limits, SourceFiles.Language.JAVA.endings().get(0));
    }

    private Archive(Predicate<String> isSource, ArchiveLimits limits, String endings) {
        this.endings = endings;
        this.isSource = isSource;
        this.limits = limits;
        this.packed = new PackedFiles(limits);
    }

    /** @throws ArchiveException where it is neither a folder nor an archive, or one that cannot be used */
    public Upload read(Path folderOrArchive) throws ArchiveException, IOException {
        if (Files.isDirectory(folderOrArchive)) {
            return folder(folderOrArchive);
        }
        if (!Files.isRegularFile(folderOrArchive)) {
            throw new ArchiveException("There is no folder or zip at " + folderOrArchive + ".");
        }
        return packed(folderOrArchive.getFileName().toString(), Files.readAllBytes(folderOrArchive))
                .upload();
    }

    private Upload folder(Path folder) throws ArchiveException, IOException {
        Map<String, Path> files = new TreeMap<>();
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes a) {
                if (a.isRegularFile()) {
                    files.put(folder.relativize(file).toString().replace('\\', '/'), file);
                }
                return FileVisitResult.CONTINUE;
            }
        });
        Clutter clutter = new Clutter(files.keySet());
        Map<String, byte[]> found = new TreeMap<>();
        for (Map.Entry<String, Path> e : files.entrySet()) {
            if (isSource.test(e.getKey()) && clutter.of(e.getKey()) == null) {
                // one byte too many tells that a file is too large, without reading all of it
                found.put(
                        e.getKey(),
                        Files.size(e.getValue()) > limits.bytesPerSource()
                                ? new byte[limits.bytesPerSource() + 1]
                                : Files.readAllBytes(e.getValue()));
            }
        }
        return upload(folder.getFileName() + "", found);
    }

    /**
     * What was uploaded: one archive, or files with the paths they have in their folder.
     *
     * @param files by path
     */
    public Received receive(Map<String, byte[]> files) throws ArchiveException {
        if (files.isEmpty()) {
            throw new ArchiveException("No file was chosen. Choose one .zip or the " + endings + " files.");
        }
        Map.Entry<String, byte[]> only = files.entrySet().iterator().next();
        return files.size() == 1 && !isSource.test(only.getKey())
                ? packed(only.getKey(), only.getValue())
                : files(files);
    }

    /**
     * Takes the sources out of an archive. One that holds nothing but another archive is opened twice.
     *
     * @param name what the uploader called it, for messages
     */
    public Received packed(String name, byte[] bytes) throws ArchiveException {
        return packed(name, bytes, true);
    }

    private Received packed(String name, byte[] bytes, boolean nested) throws ArchiveException {
        String shown = FileNames.shown(name);
        if (NotASource.isPackedOtherwise(name)) {
            throw new ArchiveException(
                    shown + " is packed in a way that is not read here. Pack it as .zip or .tar.gz and upload that.");
        }
        if (NotASource.isCompiled(name)) {
            throw new ArchiveException(shown + " is compiled. Hand in the sources it was made from.");
        }
        PackedFiles.Contents contents =
                packed.read(shown, bytes, path -> isSource.test(path) || (nested && PackedFiles.isNamedSo(path)));
        Map<String, byte[]> sources = new TreeMap<>(contents.files());
        List<LeftOut> leftOut = new ArrayList<>(contents.leftOut());
        Map<String, byte[]> within = new TreeMap<>();
        sources.entrySet().removeIf(e -> {
            boolean archive = !isSource.test(e.getKey());
            if (archive) {
                within.put(e.getKey(), e.getValue());
            }
            return archive;
        });
        if (sources.isEmpty() && within.size() == 1) {
            Map.Entry<String, byte[]> inner = within.entrySet().iterator().next();
            return packed(inner.getKey() + " in " + shown, inner.getValue(), false);
        }
        within.keySet().forEach(path -> leftOut.add(new LeftOut(path, NotASource.why(path))));
        if (sources.isEmpty()) {
            throw empty(shown, leftOut);
        }
        return new Received(upload(shown, sources), leftOut);
    }

    /** @param files loose files by the path they have in their folder */
    public Received files(Map<String, byte[]> files) throws ArchiveException {
        Map<String, byte[]> found = new TreeMap<>();
        List<LeftOut> leftOut = new ArrayList<>();
        Map<String, byte[]> safe = new TreeMap<>();
        for (Map.Entry<String, byte[]> e : files.entrySet()) {
            safe.put(PackedFiles.safe(e.getKey(), e.getKey()), e.getValue());
        }
        if (safe.size() > limits.files()) {
            throw new ArchiveException(
                    "More than " + limits.files() + " files were chosen. Choose only the folder with the sources.");
        }
        Clutter clutter = new Clutter(safe.keySet());
        for (Map.Entry<String, byte[]> e : safe.entrySet()) {
            LeftOut out = clutter.of(e.getKey());
            if (out != null) {
                if (!leftOut.contains(out)) {
                    leftOut.add(out);
                }
            } else if (isSource.test(e.getKey())) {
                found.put(e.getKey(), e.getValue());
            } else {
                leftOut.add(new LeftOut(e.getKey(), NotASource.why(e.getKey())));
            }
        }
        if (found.isEmpty()) {
            throw empty(leftOut.size() == 1 ? leftOut.get(0).path() : "The upload", leftOut);
        }
        return new Received(upload("The upload", found), leftOut);
    }

    private ArchiveException empty(String name, List<LeftOut> leftOut) {
        if (leftOut.stream().anyMatch(l -> NotASource.isCompiled(l.path()))) {
            return new ArchiveException(name
                    + " holds what was compiled, and not the sources (" + endings
                    + ") it was made from. Pack those and upload again.");
        }
        return new ArchiveException(
                name + " holds no source file this exercise can read (" + endings + "). Was the right folder packed?");
    }

    private Upload upload(String name, Map<String, byte[]> found) throws ArchiveException {
        if (found.isEmpty()) {
            throw empty(name, List.of());
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
