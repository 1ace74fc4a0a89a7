package hausaufgabe.server.submission;

import hausaufgabe.checking.archive.ArchiveException;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.checking.archive.PackedFiles;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * Takes an upload apart into what each student handed in: an archive, a folder, or a single file for each, one level below
 * whatever folders all of them lie in.
 */
final class PileParts {

    /** A pile of 300, each with clutter of its own. */
    private static final ArchiveLimits LIMITS = new ArchiveLimits(30_000, 400L << 20, 20 << 20);

    private PileParts() {}

    /**
     * By name, in the order of the names, the files of each with their paths in it.
     *
     * @param files one archive, or the files of a folder by path
     * @throws ArchiveException where the archive cannot be read
     */
    static Map<String, Map<String, byte[]>> of(Map<String, byte[]> files) throws ArchiveException {
        Map<String, byte[]> all = files;
        if (files.size() == 1) {
            Map.Entry<String, byte[]> only = files.entrySet().iterator().next();
            if (PackedFiles.isNamedSo(only.getKey())) {
                all = new PackedFiles(LIMITS)
                        .read(only.getKey(), only.getValue(), path -> true)
                        .files();
            }
        }
        Map<String, byte[]> below = new TreeMap<>(all);
        for (String top = commonFolder(below); top != null; top = commonFolder(below)) {
            int cut = top.length();
            below = below.entrySet().stream()
                    .collect(Collectors.toMap(
                            e -> e.getKey().substring(cut), Map.Entry::getValue, (a, b) -> a, TreeMap::new));
        }
        Map<String, Map<String, byte[]>> parts = new LinkedHashMap<>();
        below.forEach((path, bytes) -> {
            int slash = path.indexOf('/');
            String name = slash < 0 ? path : path.substring(0, slash);
            parts.computeIfAbsent(name, n -> new TreeMap<>()).put(slash < 0 ? path : path.substring(slash + 1), bytes);
        });
        return parts;
    }

    /** The folder that all lie in, if it is not one student's: what is in it are folders or archives. */
    private static String commonFolder(Map<String, byte[]> files) {
        List<String> tops = files.keySet().stream()
                .map(p -> p.contains("/") ? p.substring(0, p.indexOf('/') + 1) : "")
                .distinct()
                .toList();
        if (tops.size() != 1 || tops.get(0).isEmpty()) {
            return null;
        }
        String top = tops.get(0);
        List<String> within =
                files.keySet().stream().map(p -> p.substring(top.length())).toList();
        long entries = within.stream()
                .map(p -> p.contains("/") ? p.substring(0, p.indexOf('/')) : p)
                .distinct()
                .count();
        boolean someone = within.stream().allMatch(p -> p.contains("/") || PackedFiles.isNamedSo(p));
        boolean sources = within.stream().anyMatch(p -> p.startsWith("src/"));
        return someone && entries > 1 && !sources ? top : null;
    }
}
