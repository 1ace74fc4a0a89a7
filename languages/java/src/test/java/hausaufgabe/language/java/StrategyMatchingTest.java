package hausaufgabe.language.java;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.RoleMatcher;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.Status;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** The matcher on real sources, apart from the samples: what must not change a verdict, and what must. */
class StrategyMatchingTest {

    private static final DesignPattern STRATEGY = Catalogue.pattern("strategy").orElseThrow();

    private static final String FEES = """
            interface Fee { double of(double m); }
            class ByMetre implements Fee { public double of(double m) { return m * 2; } }
            class Flat implements Fee { public double of(double m) { return 7; } }
            """;
    private static final String OFFICE = """
            class Office {
                private Fee fee;
                Office(Fee fee) { this.fee = fee; }
                void use(Fee other) { fee = other; }
                double bill(double m) { return fee.of(m) * 1.19; }
            }
            """;
    private static final String DECOYS = """
            interface Listener { void heard(String what); }
            class Bell implements Listener { public void heard(String what) { System.out.println(what); } }
            class Board implements Listener { public void heard(String what) { System.err.println(what); } }
            class Harbour {
                private final java.util.List<Listener> listeners = new java.util.ArrayList<>();
                void add(Listener l) { listeners.add(l); }
                void announce(String what) { for (Listener l : listeners) l.heard(what); }
            }
            class Crate { private final Crate inner; Crate(Crate inner) { this.inner = inner; } int weight() { return 1 + (inner == null ? 0 : inner.weight()); } }
            """;

    @Test
    void findsTheRolesBesideOtherPatterns() {
        Match match = match(FEES, OFFICE, DECOYS);

        assertEquals("Office", name(match, "Context"));
        assertEquals("Fee", name(match, "Strategy"));
        assertEquals(List.of("ByMetre", "Flat"), names(match, "ConcreteStrategy"));
        assertTrue(match.findings().stream().allMatch(f -> f.status() == Status.MET));
        assertFalse(match.ambiguous());
    }

    @Test
    void namesDoNotDecide() {
        String renamed = (FEES + OFFICE + DECOYS)
                .replaceAll("\\bFee\\b", "Strategie7")
                .replaceAll("\\bOffice\\b", "Listener7")
                .replaceAll("\\bHarbour\\b", "Context")
                .replaceAll("\\bListener\\b", "Strategy");

        Match match = match(renamed);

        assertEquals("Listener7", name(match, "Context"));
        assertEquals("Strategie7", name(match, "Strategy"));
    }

    @Test
    void theOrderOfFilesDoesNotMatter() {
        List<String> parts = new ArrayList<>(List.of(FEES, OFFICE, DECOYS));
        Random random = new Random(7);

        for (int i = 0; i < 5; i++) {
            Collections.shuffle(parts, random);
            Match match = match(parts.toArray(String[]::new));
            assertEquals("Office", name(match, "Context"));
            assertEquals("held by the context", match.form().name());
        }
    }

    @Test
    void aMissingRelationshipDoesNotLoseTheRoles() {
        Match match = match(FEES, OFFICE.replace("fee.of(m) * 1.19", "m * 2 * 1.19"), DECOYS);

        assertEquals("Office", name(match, "Context"));
        assertEquals(Status.UNMET, finding(match, "delegates").status());
        assertEquals(
                "No operation of Office calls of() on fee. Call the algorithm that is held, and use its answer.",
                finding(match, "delegates").explanation().plain());
    }

    @Test
    void oneDefaultIsNoChoiceAndTwoAre() {
        String one = OFFICE.replace("private Fee fee;", "private Fee fee = new Flat();");
        String two = OFFICE.replace(
                "void use(Fee other) { fee = other; }",
                "void use(boolean flat) { if (flat) fee = new Flat(); else fee = new ByMetre(); }");

        assertEquals(Status.MET, finding(match(FEES, one), "picks").status());
        assertEquals(Status.UNMET, finding(match(FEES, two), "picks").status());
    }

    @Test
    void aChoiceInMainOrInAFactoryIsNoneOfTheContext() {
        String main = """
                class Start {
                    static Fee choose(String s) { return s.equals("flat") ? new Flat() : new ByMetre(); }
                    public static void main(String[] a) { System.out.println(new Office(choose(a[0])).bill(3)); }
                }
                """;
        String inside = OFFICE.replace(
                "void use(",
                "public static void main(String[] a) { new Office(a.length > 0 ? new Flat() : new ByMetre()).bill(3); }\n void use(");

        assertEquals(Status.MET, finding(match(FEES, OFFICE, main), "picks").status());
        assertEquals(Status.MET, finding(match(FEES, inside), "picks").status());
    }

    @Test
    void aTagThatOnlyAdjustsTheResultIsNoSwitchThatStayed() {
        String adjusting = OFFICE.replace(
                        "return fee.of(m) * 1.19;",
                        "double f = fee.of(m); switch (season) { case \"winter\": return f * 0.5; case \"feast\": return f * 2; default: return f; }")
                .replace("private Fee fee;", "private Fee fee; String season = \"\";");
        String guarded = OFFICE.replace("return fee.of(m) * 1.19;", "if (m <= 0) return 0; return fee.of(m) * 1.19;");
        String half = OFFICE.replace(
                "double bill(double m) { return fee.of(m) * 1.19; }",
                "double bill(String k, double m) { if (k.equals(\"yacht\")) return m * 3; return fee.of(m); }");

        assertEquals(Status.MET, finding(match(FEES, adjusting), "switch").status());
        assertEquals(Status.MET, finding(match(FEES, guarded), "switch").status());
        assertEquals(Status.UNCLEAR, finding(match(FEES, half), "switch").status());
    }

    @Test
    void twoContextsThatFitAlikeAreSaidToBeAmbiguous() {
        Match match = match(FEES, OFFICE, OFFICE.replace("Office", "Kiosk"));

        assertTrue(match.ambiguous());
        assertEquals(List.of("Office as Context, Fee as Strategy"), match.alternatives());
        assertEquals("Kiosk", name(match, "Context"));
    }

    @Test
    void aPinHolds() {
        String two = FEES + OFFICE + OFFICE.replace("Office", "Kiosk");

        Match match = RoleMatcher.match(STRATEGY, read(two), null, Map.of("Context", List.of("Office")));

        assertEquals("Office", name(match, "Context"));
        assertFalse(match.ambiguous());
    }

    @Test
    void withoutAPatternNoRoleIsMadeUp() {
        Match match = match(DECOYS.substring(DECOYS.indexOf("class Crate")));

        assertTrue(match.binding().roles().values().stream().allMatch(List::isEmpty));
        assertTrue(match.findings().stream().noneMatch(f -> f.status() == Status.MET));
    }

    @Test
    void whenTimeIsUpTheBestSoFarIsGivenAndThatIsSaid() {
        Match match = RoleMatcher.match(STRATEGY, read(FEES, OFFICE, DECOYS), null, Map.of(), 0);

        assertTrue(match.cutShort());
    }

    private static Match match(String... sources) {
        return RoleMatcher.match(STRATEGY, read(sources), null, Map.of());
    }

    private static hausaufgabe.core.design.Design read(String... sources) {
        List<SourceFile> files = new ArrayList<>();
        for (int i = 0; i < sources.length; i++) {
            files.add(new SourceFile("part" + i + ".java", sources[i]));
        }
        var reading = new JavaReader().read(files);
        assertTrue(reading.compiled(), () -> reading.diagnostics().toString());
        return reading.design();
    }

    private static Finding finding(Match match, String id) {
        return match.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static String name(Match match, String role) {
        return match.binding().type(role).map(Type::name).orElse(null);
    }

    private static List<String> names(Match match, String role) {
        return match.binding().types(role).stream().map(Type::name).toList();
    }
}
