package hausaufgabe.core.matching;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.Status;
import hausaufgabe.core.toy.ToyLanguage;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PatternSetMatcherTest {

    /** A hold keeps cargo; whoever can be inspected has somebody who inspects it. */
    private static final String TWO = """
            pattern hold "Hold"
              "Cargo lies in it."
              role Cargo an abstraction
              role Hold a class that holds many Cargo
              require kept 2 "{Hold} keeps {Cargo}."
                Hold holds many Cargo

            pattern inspection "Inspection"
              "Somebody looks."
              role Inspected an abstraction
              role Inspector a class that takes Inspected
              same Inspected as Cargo
              require looks 3 "{Inspector} looks at {Inspected}."
                Inspector takes Inspected
            """;

    private static List<Match> match(String program, Map<String, List<String>> pins) {
        Design design = new ToyLanguage()
                .reader()
                .read(List.of(new SourceFile("a.toy", program)))
                .design();
        return PatternSetMatcher.match(Patterns.all(TWO).asJudged(), design, null, pins);
    }

    private static List<String> types(Match match, String role) {
        return match.binding().types(role).stream().map(Type::name).toList();
    }

    private static final String SHIP = """
            abstract Cargo
              weigh()
            type Crate is Cargo
              weigh()
                return 1
            type Ship
              field all = []
              load(c)
                add c to all
              weight()
                for c in all
                  c.weigh()
            abstract Noise
              hear()
            type Bell is Noise
              hear()
                return 2
            type Watch
              listen(n)
                return n.hear()
            """;

    @Test
    void theSecondBeginsWithWhatTheFirstHasFound() {
        List<Match> found = match(SHIP + """
                type Clerk
                  inspect(c)
                    return c.weigh()
                """, Map.of());

        assertEquals(List.of("Cargo"), types(found.get(0), "Cargo"));
        assertEquals(List.of("Cargo"), types(found.get(1), "Inspected"));
        assertEquals(List.of("Clerk"), types(found.get(1), "Inspector"));
        assertTrue(found.stream().flatMap(m -> m.findings().stream()).allMatch(f -> f.status() == Status.MET));
    }

    @Test
    void whatIsThereOfAnotherTypeDoesNotCount() {
        List<Match> found = match(SHIP, Map.of());

        assertEquals(List.of("Cargo"), types(found.get(0), "Cargo"));
        assertEquals(List.of("Ship"), types(found.get(1), "Inspector"), "the watch listens to noise only");
    }

    @Test
    void whatAPersonHasFixedStands() {
        List<Match> found = match(SHIP, Map.of("Inspected", List.of("Noise")));

        assertEquals(List.of("Noise"), types(found.get(1), "Inspected"));
        assertEquals(List.of("Watch"), types(found.get(1), "Inspector"));
    }

    @Test
    void limitsAndValuesOfOneGoForAll() {
        String text = TWO + "  limit 20 seconds\n  values text \"B-117\"\n  values number of Inspected 3\n";

        var judged = Patterns.all(text).asJudged();

        assertEquals(20, judged.get(0).limits().wallSeconds());
        assertEquals(1, judged.get(0).values().size(), "what names a role of the other is the other's");
        assertEquals(2, judged.get(1).values().size());
    }
}
