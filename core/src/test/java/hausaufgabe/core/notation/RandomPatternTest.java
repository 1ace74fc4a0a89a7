package hausaufgabe.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.matching.relation.StandardVocabulary;
import hausaufgabe.core.notation.DesignPattern.Quantity;
import java.util.List;
import java.util.stream.Collectors;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Assume;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.From;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

/** What holds of every text and every pattern, tried with many that nobody wrote. */
class RandomPatternTest {

    private static final String HEAD = """
            pattern harbour "Harbour"
              "Made up."

              role One a class
              role Two an abstraction
              role Three every concrete type that realises Two
              member ask every operation of Two
              member work every operation of One
              member kept field of One that leads to Two

            """;

    @Property(tries = 400, seed = "2026")
    void whatIsPrintedIsReadAsTheSame(@ForAll @From("conditions") List<String> conditions) {
        String requirements = conditions.stream()
                .map(c -> "require r" + conditions.indexOf(c) + " 1 \"Said.\"\n  " + c)
                .collect(Collectors.joining("\n"));
        DesignPattern pattern = parsed(HEAD + requirements.indent(2));

        String printed = PatternPrinter.print(pattern);

        assertEquals(pattern, Patterns.parse(printed));
        assertEquals(printed, PatternPrinter.print(Patterns.parse(printed)));
    }

    /** Numbers that are made up may contradict each other, which is refused and rightly so. */
    private static DesignPattern parsed(String text) {
        try {
            return Patterns.parse(text);
        } catch (NotationException e) {
            Assume.that(!e.getMessage().contains("contradict"));
            throw e;
        }
    }

    @Property(tries = 600, seed = "2026")
    void aDamagedTextIsReadOrRefusedWithAPlace(
            @ForAll @From("catalogued") String text, @ForAll @From("damage") Damage damage) {
        String damaged = damage.to(text);
        try {
            Patterns.parse(damaged);
        } catch (NotationException e) {
            long lines = damaged.lines().count();
            assertTrue(e.line() >= 1 && e.line() <= lines + 1, () -> e.line() + " of " + lines);
            assertTrue(!e.getMessage().isBlank());
        }
    }

    /** A stretch of a text taken out, or put in again somewhere else. */
    record Damage(double from, double length, double to, boolean moved) {
        String to(String text) {
            int start = (int) (from * text.length());
            int end = Math.min(text.length(), start + 1 + (int) (length * 60));
            String rest = text.substring(0, start) + text.substring(end);
            int place = (int) (to * rest.length());
            return moved ? rest.substring(0, place) + text.substring(start, end) + rest.substring(place) : rest;
        }
    }

    @Provide
    Arbitrary<Damage> damage() {
        Arbitrary<Double> share = Arbitraries.doubles().between(0, 0.99);
        return Combinators.combine(share, share, share, Arbitraries.of(true, false))
                .as(Damage::new);
    }

    @Provide
    Arbitrary<String> catalogued() {
        return Arbitraries.of(Catalogue.ids()).map(id -> Catalogue.text(id).orElseThrow());
    }

    @Provide
    Arbitrary<List<String>> conditions() {
        Arbitrary<Relation> relations = Arbitraries.of(StandardVocabulary.INSTANCE.relations());
        Arbitrary<Quantity> quantities = Arbitraries.of(Quantity.values());
        Arbitrary<Integer> counts = Arbitraries.integers().between(1, 9);
        return Combinators.combine(relations, quantities, counts, Arbitraries.of(true, false))
                .as(RandomPatternTest::condition)
                .list()
                .ofMinSize(1)
                .ofMaxSize(5)
                .uniqueElements();
    }

    private static String condition(Relation relation, Quantity quantity, int count, boolean negative) {
        String subject = relation.isSaidOf(Relation.Subject.TYPE)
                ? "Three"
                : relation.isSaidOf(Relation.Subject.FIELD) ? "kept" : "work";
        String said = relation.words()
                .replace("ROLE", "Two")
                .replace("OPERATION", "ask")
                .replace("FIELD", "kept")
                .replace("NUMBER", String.valueOf(count));
        boolean counted = quantity.counts() && subject.equals("Three");
        String how = counted ? quantity.words() + " " + count : "every";
        String words = negative && !counted ? Verbs.negative(said) : counted ? Verbs.plural(said) : said;
        return how + " " + subject + " " + words;
    }
}
