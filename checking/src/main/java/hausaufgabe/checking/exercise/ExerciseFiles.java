package hausaufgabe.checking.exercise;

import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.checking.archive.PackedFiles;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.LocalDateTime;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/** Reads exercises from folders and zips, and writes them: the same exercise always as the same bytes. */
public final class ExerciseFiles {

    private static final ArchiveLimits LIMITS =
            new ArchiveLimits(ExerciseFolder.MOST_FILES, 50L << 20, ExerciseFolder.LARGEST_FILE);
    /** The earliest a zip can say; what is packed tomorrow is the same as today. */
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    private ExerciseFiles() {}

    /**
     * @param name what whoever gave it calls it, for messages
     * @throws ArchiveException where it is no zip of an exercise
     */
    public static ExerciseFolder unpack(String name, byte[] zip) throws ArchiveException {
        Map<String, byte[]> found =
                new PackedFiles(LIMITS).read(name, zip, ExerciseFiles::isWanted).files();
        return ExerciseFolder.of(withoutTop(found));
    }

    /** Tools leave hidden files behind, which are no part of the exercise. */
    private static boolean isWanted(String path) {
        for (String part : path.split("/")) {
            if (part.startsWith(".")) {
                return false;
            }
        }
        return true;
    }

    /** A folder that was packed as a whole stands in the zip under its own name. */
    private static Map<String, byte[]> withoutTop(Map<String, byte[]> files) {
        boolean bare = files.containsKey(ExerciseFolder.SETTINGS) || files.containsKey(ExerciseFolder.PATTERN);
        String top = files.isEmpty() ? "" : files.keySet().iterator().next().split("/")[0] + "/";
        if (bare || !files.keySet().stream().allMatch(p -> p.startsWith(top))) {
            return files;
        }
        return files.entrySet().stream()
                .collect(Collectors.toMap(
                        e -> e.getKey().substring(top.length()), Map.Entry::getValue, (a, b) -> a, TreeMap::new));
    }

    /** The exercise as a zip. */
    public static byte[] pack(ExerciseFolder exercise) {
        return zip(exercise.files());
    }

    /** The code that is handed out, as a zip; its paths are those within the starter. */
    public static byte[] packStarter(ExerciseFolder exercise) {
        return zip(exercise.files().entrySet().stream()
                .filter(e -> e.getKey().startsWith(ExerciseFolder.STARTER))
                .collect(Collectors.toMap(
                        e -> e.getKey().substring(ExerciseFolder.STARTER.length()),
                        Map.Entry::getValue,
                        (a, b) -> a,
                        TreeMap::new)));
    }

    private static byte[] zip(Map<String, byte[]> files) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> e : files.entrySet()) {
                ZipEntry entry = new ZipEntry(e.getKey());
                entry.setTimeLocal(NO_TIME);
                out.putNextEntry(entry);
                out.write(e.getValue());
                out.closeEntry();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** @throws ArchiveException where the folder, or a zip of one, is no exercise */
    public static ExerciseFolder read(Path folderOrZip) throws ArchiveException, IOException {
        if (Files.isRegularFile(folderOrZip)) {
            return unpack(folderOrZip.getFileName().toString(), Files.readAllBytes(folderOrZip));
        }
        if (!Files.isDirectory(folderOrZip)) {
            throw new ArchiveException("There is no folder or zip at " + folderOrZip + ".");
        }
        Map<String, byte[]> found = new TreeMap<>();
        Files.walkFileTree(folderOrZip, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult preVisitDirectory(Path dir, BasicFileAttributes a) {
                boolean hidden = dir.getFileName().toString().startsWith(".") && !dir.equals(folderOrZip);
                return hidden ? FileVisitResult.SKIP_SUBTREE : FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes a) throws IOException {
                String path = folderOrZip.relativize(file).toString().replace('\\', '/');
                if (a.isRegularFile() && isWanted(path)) {
                    // one byte too many tells that a file is too large, without reading all of it
                    found.put(
                            path,
                            a.size() > ExerciseFolder.LARGEST_FILE
                                    ? new byte[ExerciseFolder.LARGEST_FILE + 1]
                                    : Files.readAllBytes(file));
                }
                return found.size() > ExerciseFolder.MOST_FILES ? FileVisitResult.TERMINATE : FileVisitResult.CONTINUE;
            }
        });
        return ExerciseFolder.of(found);
    }

    /** Writes an exercise into a folder, beside what may lie there already. */
    public static void write(ExerciseFolder exercise, Path folder) throws IOException {
        for (Map.Entry<String, byte[]> e : exercise.files().entrySet()) {
            Path file = folder.resolve(e.getKey());
            Files.createDirectories(file.getParent());
            Files.write(file, e.getValue());
        }
    }
}
