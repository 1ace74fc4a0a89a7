package hausaufgabe.checking.archive;

import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Which files are sources, by the languages that are taken.
 *
 * @param taken the languages
 */
public record SourceFiles(List<Language> taken) implements Predicate<String> {

    /** A language by what its files are called. */
    public enum Language {
        JAVA("java", "Java", ".java"),
        PYTHON("python", "Python", ".py"),
        JAVASCRIPT("javascript", "JavaScript", ".js", ".mjs", ".cjs", ".jsx"),
        TYPESCRIPT("typescript", "TypeScript", ".ts", ".mts", ".cts", ".tsx");

        private final String id;
        private final String title;
        private final List<String> endings;

        Language(String id, String title, String... endings) {
            this.id = id;
            this.title = title;
            this.endings = List.of(endings);
        }

        /** Its name as settings have it. */
        public String id() {
            return id;
        }

        /** Its name as people say it. */
        public String title() {
            return title;
        }

        /** What its files' names end with. */
        public List<String> endings() {
            return endings;
        }

        /** Whether a file is one of its sources. */
        public boolean has(String path) {
            return endings.stream().anyMatch(path::endsWith) && !path.endsWith(".d.ts");
        }
    }

    /** Every language that can be read; where there are sources of several, those of the first count. */
    public static final SourceFiles ANY = new SourceFiles(List.of(Language.values()));

    /** @param ids names of languages as settings have them; unknown ones are left out */
    public static SourceFiles of(List<String> ids) {
        return new SourceFiles(List.of(Language.values()).stream()
                .filter(l -> ids.contains(l.id()))
                .toList());
    }

    /** Whether it is a source of a language that can be read. */
    public static boolean isRead(String path) {
        return ANY.test(path);
    }

    @Override
    public boolean test(String path) {
        return taken.stream().anyMatch(l -> l.has(path));
    }

    /** What names of sources end with, the usual ones. */
    public List<String> endings() {
        return taken.stream().flatMap(l -> l.endings().stream()).toList();
    }

    /** The same for people: one ending for each language. */
    public String said() {
        return taken.stream().map(l -> l.endings().get(0)).collect(Collectors.joining(", "));
    }
}
