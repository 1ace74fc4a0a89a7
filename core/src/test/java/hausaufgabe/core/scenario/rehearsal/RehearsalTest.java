package hausaufgabe.core.scenario.rehearsal;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.DriverLost;
import hausaufgabe.core.driver.Observed;
import hausaufgabe.core.driver.Request;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.notation.RunLimits;
import hausaufgabe.core.report.CallSequence;
import hausaufgabe.core.report.Demonstration;
import hausaufgabe.core.toy.ToyDriver;
import hausaufgabe.core.toy.ToyLanguage;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What is kept of a demonstration. */
class RehearsalTest {

    private static final String HARBOUR = """
            type Boat
              private field name
              private field berth = none
              new(name)
                if name == "wreck"
                  throw "not afloat"
                self.name = name
              moor(berth)
                self.berth = berth
              berth()
                return berth
            type Quay
              private field boats = []
              take(boat, berth)
                boat.moor(berth)
                add boat to boats
                self.count()
              count()
                return 1
            type Day
              static main()
                quay = new Quay()
                boat = new Boat("tern")
                quay.take(boat, "N-7")
                quay.take(new Boat("gull"), "N-8")
                quay.take(boat, "N-7")
                print boat.berth()
                new Boat("wreck")
            """;

    private Design design;
    private Rehearsal rehearsal;
    private Demonstration shown;

    @BeforeEach
    void rehearse() throws DriverLost {
        ToyLanguage language = new ToyLanguage();
        Reading reading = language.reader().read(List.of(new SourceFile("Harbour.toy", HARBOUR)));
        design = reading.design();
        try (Driver driver = ToyDriver.source().open(RunLimits.USUAL)) {
            driver.ask(new Request.Load(language.reader().ready(reading.program())));
            RehearsalRun run = RehearsalRun.of(design, Set.of("Boat"), driver);
            rehearsal = run.rehearsal();
            shown = run.shown();
            assertFalse(run.isDriverSpent());
        }
    }

    @Test
    void ofWhatPlaysARoleItCanBeLookedAtWhoCalledWhom() {
        List<String> calls = shown.calls().messages().stream()
                .map(m -> m.from() + m.operation() + m.arguments())
                .toList();

        assertEquals(List.of("Day"), shown.starts());
        // what the quay has moored was moored by nobody who plays a role
        assertEquals("moor[\"N-7\"]", calls.get(1));
        assertTrue(calls.stream().noneMatch(c -> c.contains("take") || c.contains("main")), calls::toString);
        assertEquals(
                List.of("Boat", "Boat", "Boat"),
                shown.calls().participants().stream()
                        .map(CallSequence.Participant::type)
                        .toList());
    }

    @Test
    void eachSetOfArgumentsThatWasTakenIsKeptOnce() {
        List<String> named = rehearsal.callsOf(operation("Boat", "Boat"), null).stream()
                .map(c -> c.arguments().get(0).text())
                .toList();

        assertEquals(List.of("tern", "gull"), named);
        assertEquals(2, rehearsal.callsOf(operation("Quay", "take"), null).size());
    }

    @Test
    void whatTheDemonstrationCallsIsToldFromWhatCameOfItByItself() {
        int boat = rehearsal
                .callsOf(operation("Quay", "take"), null)
                .get(0)
                .arguments()
                .get(0)
                .knownRef()
                .id();

        assertEquals(List.of("moor", "moor", "berth"), names(rehearsal.lifeOf(boat)));
        assertEquals(List.of("berth"), names(rehearsal.shownBefore(boat, Integer.MAX_VALUE)));
        assertEquals(
                "tern", rehearsal.birthOf(boat).orElseThrow().arguments().get(0).text());
    }

    @Test
    void livesAreThoseOfTheType() {
        assertEquals(
                List.of("take", "take", "take"),
                names(rehearsal.livesOf(type("Quay"), design).get(0)));
        assertTrue(rehearsal.makesOneOf(type("Boat"), design));
        assertFalse(rehearsal.makesOneOf(type("Day"), design));
    }

    @Test
    void whatIsRightForOneParameterOfANameIsKnownByIt() {
        List<String> berths = rehearsal.simpleValuesNamed("berth", "any").stream()
                .map(Observed::text)
                .toList();

        assertEquals(List.of("N-7", "N-8"), berths);
    }

    private static List<String> names(List<RehearsedCall> calls) {
        return calls.stream().map(c -> c.operation().name()).toList();
    }

    private Type type(String name) {
        return design.typesNamed(name).get(0);
    }

    private Operation operation(String type, String name) {
        return design.operationsOf(type(type)).stream()
                .filter(o -> o.name().equals(name) || o.isConstructor() && type.equals(name))
                .findFirst()
                .orElseThrow();
    }
}
