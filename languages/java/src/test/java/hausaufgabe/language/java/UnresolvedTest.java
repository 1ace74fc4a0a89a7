package hausaufgabe.language.java;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.RoleMatcher;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.Status;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What a reader could not resolve is not known, and what is not known faults nobody. */
class UnresolvedTest {

    private static final String LISTENER = "interface TideListener { void levelChanged(int centimetres); }\n";
    private static final String GAUGE = """
            class TideGauge {
                private final List<TideListener> listeners = new ArrayList<>();
                private int level;
                void register(TideListener l) { listeners.add(l); }
                void unregister(TideListener l) { listeners.remove(l); }
                void setLevel(int centimetres) {
                    this.level = centimetres;
                    tell();
                }
                private void tell() {
                    for (TideListener l : listeners) {
                        l.levelChanged(level);
                    }
                }
            }
            """;
    private static final String LISTENERS = """
            class Siren implements TideListener {
                public void levelChanged(int centimetres) { if (centimetres > 400) System.out.println("!"); }
            }
            class Display implements TideListener {
                public void levelChanged(int centimetres) { System.out.println(centimetres); }
            }
            """;

    @Test
    void anObserverThatForgetsToImportCollectionsKeepsAllItsPoints() {
        Reading with = read(LISTENER, "import java.util.*;\n" + GAUGE, LISTENERS);
        Reading without = read(LISTENER, GAUGE, LISTENERS);

        assertTrue(with.compiled());
        assertFalse(without.compiled());
        assertEquals(earned(match("observer", with)), earned(match("observer", without)));
        assertTrue(without.diagnostics().stream().anyMatch(d -> d.message().contains("List")));
    }

    @Test
    void anImportIsNotAssumedForATypeTheProgramHasItself() {
        Design design = read(
                        "package harbour; class List { void ring() {} }",
                        "package quay; class Bell { List all; void all() { all.ring(); } }")
                .design();

        assertTrue(design.unresolved().types().contains("List"));
    }

    @Test
    void aCollectionNobodyKnowsFaultsNoClaim() {
        String odd = GAUGE.replace("List<TideListener>", "HarbourBag<TideListener>")
                .replace("new ArrayList<>()", "new HarbourBag<>()");

        Match match = match("observer", read(LISTENER, odd, LISTENERS));

        assertEquals(List.of(), statuses(match, Status.UNMET, Status.PARTLY));
        assertEquals("TideGauge", name(match, "Subject"));
        Finding held = finding(match, "held");
        assertEquals(Status.UNCLEAR, held.status());
        assertTrue(
                held.explanation().plain().contains("HarbourBag"),
                held.explanation().plain());
    }

    @Test
    void anInterfaceThatWasNotHandedInFaultsNoClaim() {
        Match match = match("observer", read("import java.util.*;\n" + GAUGE, LISTENERS));

        assertEquals(List.of(), statuses(match, Status.UNMET, Status.PARTLY));
    }

    @Test
    void aClassThatHasNothingToDoWithItIsMissedWithoutHarm() {
        String extra = "class Office { Stamp stamp; void open() { stamp.ink(); } }";

        Match match = match("observer", read(LISTENER, "import java.util.*;\n" + GAUGE, LISTENERS, extra));

        assertEquals(List.of(), statuses(match, Status.UNMET, Status.PARTLY, Status.UNCLEAR));
    }

    @Test
    void whatIsPlainlyMissingIsStillMissing() {
        String deaf = GAUGE.replace("l.levelChanged(level);", "");
        String extra = "class Office { Stamp stamp; }";

        Match match = match("observer", read(LISTENER, "import java.util.*;\n" + deaf, LISTENERS, extra));

        assertTrue(statuses(match, Status.UNMET).contains("told"));
    }

    @Test
    void whatCanNotBeResolvedSpeaksAgainstNobody() {
        String strategy = """
                interface Fee { int of(int metres); }
                class Flat implements Fee { public int of(int metres) { return 20; } }
                class ByLength implements Fee { public int of(int metres) { return metres * 3; } }
                class Berth {
                    private Fee fee;
                    private Journal journal = new Journal();
                    Berth(Fee fee) { this.fee = fee; }
                    int due(int metres) { journal.note(metres); return fee.of(metres); }
                }
                """;

        Match match = match("strategy", read(strategy));

        assertEquals(List.of(), statuses(match, Status.UNMET, Status.PARTLY, Status.UNCLEAR));
    }

    private static Reading read(String... sources) {
        List<SourceFile> files = new java.util.ArrayList<>();
        for (int i = 0; i < sources.length; i++) {
            files.add(new SourceFile("part" + i + ".java", sources[i]));
        }
        return new JavaReader().read(files);
    }

    private static Match match(String pattern, Reading reading) {
        return RoleMatcher.match(Catalogue.pattern(pattern).orElseThrow(), reading.design(), null, Map.of());
    }

    private static double earned(Match match) {
        return match.findings().stream().mapToDouble(Finding::earned).sum();
    }

    private static List<String> statuses(Match match, Status... any) {
        Set<Status> wanted = Set.of(any);
        return match.findings().stream()
                .filter(f -> wanted.contains(f.status()))
                .map(Finding::id)
                .collect(Collectors.toList());
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
}
