package hausaufgabe.language.java;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Fact;
import hausaufgabe.core.design.Field;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.design.Value;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class JavaReaderTest {

    private final JavaReader reader = new JavaReader();

    @Test
    void tellsKindsOfTypesApart() {
        Design design = design("""
                interface Tow { void pull(); }
                interface Crew { void board(); void leave(); }
                abstract class Vessel {}
                record Berth(int number) {}
                enum Buoy { RED, GREEN }
                class Port { class Quay {} static class Shed {} }
                """);

        assertEquals(Type.Kind.FUNCTION_TYPE, type(design, "Tow").kind());
        assertEquals(Type.Kind.INTERFACE, type(design, "Crew").kind());
        assertEquals(Type.Kind.ABSTRACT_CLASS, type(design, "Vessel").kind());
        assertEquals(Type.Kind.RECORD, type(design, "Berth").kind());
        assertEquals(List.of("RED", "GREEN"), type(design, "Buoy").constants());
        assertTrue(type(design, "Port.Quay").flags().isInner());
        assertFalse(type(design, "Port.Shed").flags().isInner());
    }

    @Test
    void lambdasAndMethodReferencesRealiseTheirFunctionType() {
        Design design = design("""
                import java.util.function.IntUnaryOperator;
                class Dues {
                    IntUnaryOperator rule = m -> m * 2;
                    void flat() { rule = Dues::twenty; }
                    static int twenty(int m) { return 20; }
                }
                """);

        Type function = type(design, "IntUnaryOperator");

        assertEquals(Type.Origin.LIBRARY, function.origin());
        assertEquals(2, design.realisationsOf(function).size());
        assertTrue(design.realisationsOf(function).stream().allMatch(t -> t.origin() == Type.Origin.LAMBDA));
    }

    @Test
    void bodiesOfConstantsAreTypesOfTheirOwnWithNames() {
        Design design = design("""
                enum Tide {
                    EBB { int metres() { return -1; } },
                    FLOOD { int metres() { return 1; } };
                    abstract int metres();
                }
                """);

        Type tide = type(design, "Tide");

        assertTrue(design.isAbstraction(tide));
        assertEquals(
                Set.of("Tide.EBB", "Tide.FLOOD"),
                design.realisationsOf(tide).stream().map(Type::name).collect(Collectors.toSet()));
    }

    @Test
    void aValueIsFollowedThroughLocalsGettersAndConditions() {
        Design design = design("""
                interface Pilot { void steer(); }
                class Ship {
                    private Pilot pilot;
                    private Pilot second;
                    private Pilot pick(boolean night) { return night ? second : pilot; }
                    void sail(boolean night) {
                        Pilot p = pick(night);
                        Pilot q = p;
                        q.steer();
                    }
                }
                """);

        Operation sail = operation(design, "Ship", "sail");
        Set<String> fields = design.bodies().reachedFrom(sail).stream()
                .filter(s -> s.fact() instanceof Fact.Call c && c.name().equals("steer"))
                .flatMap(s -> design.bodies().origins(((Fact.Call) s.fact()).receiver(), s).stream())
                .map(v -> ((Value.OfField) v).field())
                .collect(Collectors.toSet());

        assertEquals(Set.of("Ship#pilot", "Ship#second"), fields);
    }

    @Test
    void somethingFromAContainerIsToldByHowItWasChosen() {
        Design design = design("""
                import java.util.*;
                interface Bell { void ring(); }
                class Tower {
                    Map<String, Bell> byName = new HashMap<>();
                    List<Bell> all = new ArrayList<>();
                    void one(String name) { byName.get(name).ring(); }
                    void each() { for (Bell b : all) b.ring(); }
                    void streamed() { all.stream().filter(b -> b != null).forEach(Bell::ring); }
                    void counted() { for (int i = 0; i < all.size(); i++) all.get(i).ring(); }
                }
                """);

        assertEquals(Value.Choice.PICKED, choice(design, "one"));
        assertEquals(Value.Choice.EACH, choice(design, "each"));
        assertEquals(Value.Choice.EACH, choice(design, "streamed"));
        assertEquals(Value.Choice.EACH, choice(design, "counted"));
    }

    private Value.Choice choice(Design design, String operation) {
        return design.bodies().reachedFrom(operation(design, "Tower", operation)).stream()
                .filter(s -> s.fact() instanceof Fact.Call c && c.name().equals("ring"))
                .flatMap(s -> design.bodies().origins(((Fact.Call) s.fact()).receiver(), s).stream())
                .map(v -> ((Value.ElementOf) v).choice())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aRecordsFieldsAreSetByItsConstructorWithoutBeingWritten() {
        Design design = design("""
                interface Rate { int cents(); }
                record Desk(Rate rate) { Desk { if (rate == null) throw new IllegalArgumentException(); } }
                """);

        Field rate = design.fieldsOf(type(design, "Desk")).get(0);

        assertTrue(design.bodies().writesTo(rate).stream()
                .anyMatch(s -> s.fact() instanceof Fact.Write w && w.value() instanceof Value.OfParameter));
    }

    @Test
    void containersCountAsManyOfWhatTheyHold() {
        Design design = design("""
                import java.util.*;
                interface Gull {}
                class Roof { List<? super Gull> gulls; Gull[] row; Optional<Gull> one; Map<Integer, List<Gull>> byDay; }
                """);

        List<Field> fields = design.fieldsOf(type(design, "Roof"));

        assertTrue(fields.stream().allMatch(f -> f.type().leaves().get(0).type().equals("Gull")));
        assertEquals(
                List.of(true, true, false, true),
                fields.stream().map(f -> f.type().many()).toList());
    }

    @Test
    void whatDoesNotCompileIsStillRead() {
        Reading reading = reader.read(List.of(
                new SourceFile("Lock.java", "class Lock { Toll toll; int pass(int m) { return toll.take(m) } }"),
                new SourceFile("Toll.java", "interface Toll { int take(int m); }")));

        assertFalse(reading.compiled());
        assertEquals(1, reading.diagnostics().get(0).line());
        assertTrue(reading.program().isEmpty());
        Operation pass = operation(reading.design(), "Lock", "pass");
        assertTrue(pass.body().stream()
                .anyMatch(f -> f instanceof Fact.Call c && c.name().equals("take")));
    }

    @Test
    void aTypeThatIsNotThereIsUnknownAndNotAbsent() {
        Reading reading = reader.read(List.of(new SourceFile("Lock.java", "class Lock { Toll toll; }")));

        Field toll = reading.design().fieldsOf(type(reading.design(), "Lock")).get(0);

        assertTrue(toll.type().isUnknown());
        assertEquals("Toll", toll.type().text());
    }

    @Test
    void theSameClassTwiceIsToldWithBothPlaces() {
        Reading reading = reader.read(List.of(
                new SourceFile("new/Ship.java", "class Ship {}"), new SourceFile("old/Ship.java", "class Ship {}")));

        assertFalse(reading.compiled());
        assertEquals("old/Ship.java", reading.diagnostics().get(0).file());
        assertTrue(
                reading.diagnostics().get(0).message().contains("stands twice"),
                reading.diagnostics().toString());
    }

    @Test
    void testsOfTheStudentsOwnAreLeftOutAndThatIsSaid() {
        Reading reading = reader.read(List.of(
                new SourceFile("Ship.java", "class Ship {}"),
                new SourceFile(
                        "ShipTest.java", "import org.junit.jupiter.api.Test;\nclass ShipTest { @Test void x() {} }")));

        assertTrue(reading.compiled());
        assertTrue(reading.diagnostics().get(0).message().startsWith("left out"));
        assertEquals(Set.of("Ship"), reading.program().keySet());
    }

    private Design design(String source) {
        Reading reading = reader.read(List.of(new SourceFile("Main.java", source)));
        assertTrue(reading.compiled(), () -> reading.diagnostics().toString());
        return reading.design();
    }

    private static Type type(Design design, String name) {
        return design.types().stream()
                .filter(t -> t.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private static Operation operation(Design design, String type, String name) {
        return design.operationsOf(type(design, type)).stream()
                .filter(o -> o.name().equals(name))
                .findFirst()
                .orElseThrow();
    }
}
