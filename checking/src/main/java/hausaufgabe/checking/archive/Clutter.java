package hausaufgabe.checking.archive;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;

/**
 * Folders and files that tools and systems leave beside somebody's work. A folder {@code target} or {@code build} may as well
 * be a package, so it is one of a tool only where it stands beside what such a tool builds from.
 */
final class Clutter {

    private static final Set<String> OF_TOOLS = Set.of(
            "__MACOSX",
            ".git",
            ".svn",
            ".hg",
            ".gradle",
            ".mvn",
            ".settings",
            "node_modules",
            "__pycache__",
            ".pytest_cache",
            ".venv",
            "$RECYCLE.BIN");
    private static final Set<String> BUILT = Set.of("target", "build", "out", "bin", "dist");
    private static final Set<String> BUILT_FROM =
            Set.of("src", "pom.xml", "build.gradle", "build.gradle.kts", "build.xml", "package.json", "Makefile");
    private static final Set<String> OF_SYSTEMS = Set.of(".DS_Store", "Thumbs.db", "desktop.ini", ".directory");

    /** By a folder's path, which ends with {@code /} or is empty, what stands in it. */
    private final Map<String, Set<String>> folders = new HashMap<>();

    /** @param paths all that an upload holds */
    Clutter(Iterable<String> paths) {
        for (String path : paths) {
            String folder = "";
            for (String part : path.split("/")) {
                folders.computeIfAbsent(folder, f -> new HashSet<>()).add(part);
                folder += part + "/";
            }
        }
    }

    /** What is left out with this file: its own path or that of a folder above it, and why; null where nothing is. */
    LeftOut of(String path) {
        String[] parts = path.split("/");
        String folder = "";
        for (int i = 0; i < parts.length - 1; i++) {
            String part = parts[i];
            boolean built = BUILT.contains(part)
                    && folders.get(folder).stream().anyMatch(x -> BUILT_FROM.contains(x) && !x.equals(part));
            folder += part + "/";
            if (OF_TOOLS.contains(part)) {
                return new LeftOut(folder, "belongs to a tool, not to the work");
            }
            if (built) {
                return new LeftOut(folder, "is what a tool builds from the sources");
            }
        }
        String name = parts[parts.length - 1];
        return OF_SYSTEMS.contains(name) || name.startsWith("._")
                ? new LeftOut(path, "was left there by the operating system")
                : null;
    }
}
