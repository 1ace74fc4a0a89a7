package hausaufgabe.core.matching;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.report.ClassDiagram;
import hausaufgabe.core.report.ClassDiagram.Classifier;
import hausaufgabe.core.report.ClassDiagram.Kind;
import hausaufgabe.core.report.ClassDiagram.Relationship;
import hausaufgabe.core.report.NearMatch;
import hausaufgabe.core.toy.ToyLanguage;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class ClassDiagramsTest {

    private static final String HOLD = """
            pattern hold "Hold"
              "Cargo lies in it."
              role Cargo an abstraction
              role Hold a class that holds many Cargo
              role Kind every concrete type that realises Cargo
              member weigh every operation of Cargo
              require kept essential 2 "{Hold} keeps {Cargo}."
                Hold holds many Cargo
              require kinds 1 "There are kinds of {Cargo}."
                at least 2 Kind realise Cargo
            """;

    private static final String SHIP = """
            abstract Cargo
              weigh()
            type Crate is Cargo
              weigh()
                return 1
            type Barrel is Cargo
              weigh()
                return 2
            type Ship
              field all = []
              load(c)
                add c to all
              weight()
                for c in all
                  c.weigh()
            type Clerk
              count(s)
                s.weight()
            """;

    private record Drawn(Match match, ClassDiagram diagram) {

        Classifier named(String name) {
            return diagram.classifiers().stream()
                    .filter(c -> c.name().equals(name))
                    .findFirst()
                    .orElseThrow();
        }

        List<Relationship> from(String name) {
            return diagram.relationships().stream()
                    .filter(r -> r.from().equals(named(name).id()))
                    .toList();
        }
    }

    private static Drawn drawn(String program, Map<String, List<String>> pins) {
        Design design = new ToyLanguage()
                .reader()
                .read(List.of(new SourceFile("a.toy", program)))
                .design();
        List<DesignPattern> patterns = Patterns.all(HOLD).asJudged();
        List<Match> matches = PatternSetMatcher.match(patterns, design, null, pins);
        return new Drawn(matches.get(0), ClassDiagrams.of(design, patterns, matches));
    }

    @Test
    void whoPlaysARoleComesFirstWithItsMembers() {
        Drawn ship = drawn(SHIP, Map.of());

        assertEquals("Clerk", ship.diagram().classifiers().get(4).name());
        assertEquals(List.of("Cargo"), ship.named("Cargo").roles());
        assertTrue(ship.named("Cargo").operations().stream()
                .anyMatch(o -> "weigh".equals(o.member()) && o.text().contains("weigh(")));
        assertEquals(1, ship.named("Crate").place().line() - 2);
        assertTrue(ship.named("Clerk").operations().isEmpty(), "what plays no role is quiet");
    }

    @Test
    void relationshipsAreThoseOfTheProgram() {
        Drawn ship = drawn(SHIP, Map.of());
        Kind up = ship.from("Crate").get(0).kind();

        assertTrue(up == Kind.REALISATION || up == Kind.GENERALISATION);
        Relationship holds = ship.from("Ship").get(0);
        assertEquals(Kind.ASSOCIATION, holds.kind());
        assertEquals("*", holds.multiplicity());
        assertEquals("all", holds.label());
        assertEquals(
                List.of(Kind.DEPENDENCY),
                ship.from("Clerk").stream().map(Relationship::kind).toList());
        assertFalse(ship.diagram().relationships().stream().anyMatch(Relationship::isMissing));
    }

    @Test
    void whatIsAskedForAndNotThereIsAGap() {
        Drawn forgetful = drawn(
                SHIP.replace("  field all = []\n", "")
                        .replace("add c to all", "c.weigh()")
                        .replace("    for c in all\n      c.weigh()", "    return 0"),
                Map.of("Hold", List.of("Ship")));

        List<Relationship> gaps = forgetful.diagram().relationships().stream()
                .filter(Relationship::isMissing)
                .toList();
        assertEquals(1, gaps.size(), forgetful.match().findings()::toString);
        assertEquals(forgetful.named("Ship").id(), gaps.get(0).from());
        assertEquals(forgetful.named("Cargo").id(), gaps.get(0).to());
    }

    @Test
    void whoeverComesNextIsToldWithWhatSpeaksAgainst() {
        Drawn two = drawn(SHIP + """
                type Quay
                  field some = []
                  land(c)
                    add c to some
                  total()
                    for c in some
                      c.weigh()
                """, Map.of());

        String other = two.match().binding().type("Hold").orElseThrow().name().equals("Ship") ? "Quay" : "Ship";
        NearMatch near = two.match().near().stream()
                .filter(n -> n.role().equals("Hold"))
                .findFirst()
                .orElseThrow();
        assertEquals(other, near.type());
        assertFalse(near.why().isEmpty());
    }
}
