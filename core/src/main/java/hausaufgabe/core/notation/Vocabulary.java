package hausaufgabe.core.notation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The relations that a text may use, in every way they can be said: of one, of several, and that they do not hold. */
public final class Vocabulary {

    private final List<Relation> relations;
    private final List<Variant> variants = new ArrayList<>();
    private final Map<String, List<Variant>> byFirstWord = new HashMap<>();

    /** One way to say a relation. */
    record Variant(Relation relation, String words, boolean negative) {}

    public Vocabulary(List<? extends Relation> relations) {
        this.relations = List.copyOf(relations);
        this.relations.stream()
                .sorted(Comparator.comparingInt(r -> -r.words().split(" ").length))
                .forEach(this::add);
    }

    private void add(Relation relation) {
        String words = relation.words();
        String plural = words.startsWith("is ") ? "are not " + words.substring(3) : "do not " + Verbs.plural(words);
        List<Variant> all = List.of(
                new Variant(relation, words, false),
                new Variant(relation, Verbs.plural(words), false),
                new Variant(relation, Verbs.negative(words), true),
                new Variant(relation, plural, true));
        for (Variant v : all) {
            variants.add(v);
            byFirstWord
                    .computeIfAbsent(v.words().split(" ")[0], k -> new ArrayList<>())
                    .add(v);
        }
    }

    /** All of them, in the order of the book. */
    public List<Relation> relations() {
        return relations;
    }

    /** All ways to say any; of those that begin alike the longest first, so that the first that fits is the one meant. */
    List<Variant> variants() {
        return variants;
    }

    List<Variant> variants(String firstWord) {
        return byFirstWord.getOrDefault(firstWord, List.of());
    }
}
