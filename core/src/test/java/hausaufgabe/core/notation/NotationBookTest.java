package hausaufgabe.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.matching.relation.StandardVocabulary;
import hausaufgabe.core.notation.DesignPattern.Requirement;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What docs/notation.md says of the notation is what the notation is. */
class NotationBookTest {
    private static final Path BOOK = Path.of("../docs/notation.md");

    @Test
    void everyRelationIsExplained() throws Exception {
        String book = Files.readString(BOOK);

        for (Relation r : StandardVocabulary.INSTANCE.relations()) {
            assertTrue(book.contains("| `" + r.words() + "` | " + r.meaning() + " |"), r.words());
        }
    }

    @Test
    void thereIsAnExampleOfEachRelationWhichCanBeRead() throws Exception {
        DesignPattern pattern = Patterns.parse(example());

        Set<Relation> said = new HashSet<>();
        for (Requirement r : pattern.requirements()) {
            r.conditions().forEach(c -> said.add(((Predicate.Says) c.predicate()).relation()));
        }
        assertEquals(Set.copyOf(StandardVocabulary.INSTANCE.relations()), said);
    }

    @Test
    void theExampleIsWrittenAsItIsRead() throws Exception {
        DesignPattern pattern = Patterns.parse(example());

        String printed = PatternPrinter.print(pattern);

        assertEquals(
                example().replaceAll("\\s+", " ").strip(),
                printed.replaceAll("\\s+", " ").strip());
    }

    private static String example() throws Exception {
        String book = Files.readString(BOOK);
        int start = book.indexOf("```muster\n") + "```muster\n".length();
        return book.substring(start, book.indexOf("```", start));
    }
}
