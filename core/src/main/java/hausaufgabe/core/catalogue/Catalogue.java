package hausaufgabe.core.catalogue;

import hausaufgabe.core.notation.DesignPattern;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/** Patterns by id, read from the files beside this class. */
public final class Catalogue {

    /** Ids that are spoken for; those without a file are not in the catalogue yet. */
    public static final List<String> IDS = List.of(
            "observer",
            "strategy",
            "composite",
            "visitor",
            "singleton",
            "null-object",
            "template-method",
            "delegation",
            "command",
            "polymorphic-factory",
            "builder");

    private Catalogue() {}

    /** The pattern, or nothing where the catalogue does not hold it. */
    public static Optional<DesignPattern> pattern(String id) {
        return text(id).map(Patterns::parse);
    }

    /** The text of its file. */
    public static Optional<String> text(String id) {
        if (!IDS.contains(id)) {
            return Optional.empty();
        }
        try (InputStream in = Catalogue.class.getResourceAsStream(id + ".muster")) {
            return in == null ? Optional.empty() : Optional.of(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The ids that have a file, in the order of {@link #IDS}. */
    public static List<String> present() {
        return IDS.stream().filter(id -> text(id).isPresent()).toList();
    }
}
