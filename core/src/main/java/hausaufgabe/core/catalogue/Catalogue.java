package hausaufgabe.core.catalogue;

import hausaufgabe.core.notation.DesignPattern;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;

/** Patterns by id: all that lie in the folder beside this class, each in a file that bears its id. */
public final class Catalogue {

    private static final String ENDING = ".muster";

    private Catalogue() {}

    /** Read once, when the catalogue is first asked for. */
    private static final class Texts {
        static final Map<String, String> TEXTS = read();
    }

    /** The ids in alphabetical order. */
    public static List<String> ids() {
        return List.copyOf(Texts.TEXTS.keySet());
    }

    /** The pattern, or nothing where the catalogue does not hold it. */
    public static Optional<DesignPattern> pattern(String id) {
        return text(id).map(Patterns::parse);
    }

    /** The text of its file. */
    public static Optional<String> text(String id) {
        return Optional.ofNullable(Texts.TEXTS.get(id));
    }

    private static Map<String, String> read() {
        try {
            Path place = Path.of(Catalogue.class
                    .getProtectionDomain()
                    .getCodeSource()
                    .getLocation()
                    .toURI());
            if (Files.isDirectory(place)) {
                return in(place);
            }
            try (FileSystem jar = FileSystems.newFileSystem(place)) {
                return in(jar.getPath("/"));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (URISyntaxException e) {
            throw new IllegalStateException("the catalogue lies nowhere", e);
        }
    }

    private static Map<String, String> in(Path root) throws IOException {
        Map<String, String> texts = new TreeMap<>();
        try (Stream<Path> all =
                Files.list(root.resolve(Catalogue.class.getPackageName().replace('.', '/')))) {
            for (Path p : all.toList()) {
                String name = p.getFileName().toString();
                if (name.endsWith(ENDING)) {
                    texts.put(name.substring(0, name.length() - ENDING.length()), Files.readString(p));
                }
            }
        }
        return texts;
    }
}
