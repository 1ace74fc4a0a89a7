package hausaufgabe.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.notation.DesignPattern.Quantity;
import java.util.List;
import org.junit.jupiter.api.Test;

class PatternParserTest {

    private static final String SMALL = """
            -- a pilot asks a chart
            pattern pilotage "Pilotage"
              "A pilot steers by a chart that can be exchanged."
              role Pilot a class
                "steers"
              role Chart an abstraction
              role PrintedChart every concrete type that realises Chart
              member course every operation of Chart
              member chart unlisted field of Pilot that leads to Chart
              member steer every operation of Pilot that calls course on chart,
                           or else that calls course
              require held essential 2.5 "{Pilot} has a {Chart}."
                chart is of type Chart
              forbid draws 1 "{Pilot} draws no {PrintedChart}."
                Pilot picks among PrintedChart
              form "held"
              form "handed over" instead of held
                require held essential 2 "{steer} takes a {Chart}."
                  some steer takes Chart
              scenario "The chart is asked" 1 in "held"
                when chart is assigned from a parameter
                one := double of Chart
                pilot := new Pilot with one
                call pilot.steer until one.course is called
                forget calls
                expect one.course never called
            """;

    @Test
    void readsEveryPartOfAPattern() {
        DesignPattern p = Patterns.parse(SMALL);

        assertEquals("pilotage", p.id());
        assertEquals(
                List.of("Pilot", "Chart", "PrintedChart"),
                p.roles().stream().map(DesignPattern.Role::name).toList());
        assertTrue(p.role("PrintedChart").orElseThrow().many());
        assertEquals(2, p.member("steer").orElseThrow().that().size());
        assertTrue(!p.member("chart").orElseThrow().listed());
        assertEquals(2.5, p.requirements().get(0).points());
        assertTrue(p.requirements().get(1).forbidden());
        Scenario s = p.scenarios().get(0);
        assertEquals(5, s.steps().size());
        assertEquals(
                new Scenario.Step.New("pilot", "Pilot", List.of(new Scenario.Argument.Variable("one")), false),
                s.steps().get(1));
    }

    @Test
    void aFormReplacesRequirementsInTheirPlace() {
        DesignPattern p = Patterns.parse(SMALL);

        List<DesignPattern.Requirement> asked = p.requirementsOf(p.forms().get(1));

        assertEquals(
                List.of("held", "draws"),
                asked.stream().map(DesignPattern.Requirement::id).toList());
        assertEquals(Quantity.SOME, asked.get(0).conditions().get(0).quantity());
    }

    @Test
    void theCatalogueCanBeRead() {
        for (String id : Catalogue.ids()) {
            assertEquals(id, Catalogue.pattern(id).orElseThrow().id());
        }
        assertTrue(Catalogue.pattern("../strategy").isEmpty());
    }

    @Test
    void aMisspeltWordIsToldWithPlaceAndSuggestion() {
        NotationException e = refused(SMALL.replace("realises Chart", "realizes Chart"));

        assertEquals(7, e.line());
        assertEquals(46, e.column());
        assertTrue(e.getMessage().contains("Did you mean 'realises'?"), e.getMessage());
    }

    @Test
    void anUnknownRoleIsToldWithTheOneItMayBe() {
        NotationException e = refused(SMALL.replace("leads to Chart", "leads to Chert"));

        assertEquals(9, e.line());
        assertTrue(e.getMessage().contains("the name of a role declared above"), e.getMessage());
        assertTrue(e.getMessage().contains("Did you mean 'Chart'?"), e.getMessage());
    }

    @Test
    void anUnknownNameInASentenceIsToldWhereItStands() {
        NotationException e = refused(SMALL.replace("{Pilot} has", "{Polit} has"));

        assertTrue(e.getMessage().contains("{Polit} names no role or member"), e.getMessage());
        assertTrue(e.getMessage().contains("{Pilot}"), e.getMessage());
    }

    @Test
    void twoThingsOfOneNameAreRefused() {
        assertTrue(refused(SMALL.replace("role Chart an", "role Pilot an"))
                .getMessage()
                .contains("already names a role"));
        assertTrue(refused(SMALL.replace("forbid draws", "forbid held"))
                .getMessage()
                .contains("already names a requirement"));
    }

    @Test
    void whatIsUnfinishedSaysWhatIsMissing() {
        assertTrue(refused("").getMessage().contains("expected 'pattern'"));
        assertTrue(refused("pattern x \"X").getMessage().contains("close it with"));
        assertTrue(refused("pattern x \"X\"\n\"Y.\"\n").getMessage().contains("at least one role"));
        assertTrue(refused(SMALL.replace("    chart is of type Chart\n", ""))
                .getMessage()
                .contains("a condition for 'held'"));
        assertTrue(refused(SMALL.replace("2.5", "2.5.1")).getMessage().contains("is no number"));
        assertTrue(refused(SMALL.replace("double of Chart", "copy of Chart"))
                .getMessage()
                .contains("'double of ROLE'"));
        assertTrue(
                refused(SMALL.replace("pilot.steer", "boat.steer")).getMessage().contains("a variable set above"));
    }

    private static NotationException refused(String text) {
        return assertThrows(NotationException.class, () -> Patterns.parse(text));
    }

    @Test
    void aLimitThatIsNoneNamesThoseThereAre() {
        NotationException e = assertThrows(
                NotationException.class,
                () -> Patterns.parse(
                        "pattern x \"X\"\n \"y\"\n run \"a\" 1\n  expect output \"1\"\n limit 9 secnds\n"));

        assertTrue(e.getMessage().contains("Did you mean 'seconds'?"), e.getMessage());
    }

    @Test
    void runsAndLimitsAreWrittenAsTheyAreRead() {
        String text = """
                pattern tides "Tides"
                  "Added up."

                  run "a day" 2
                    arguments "3" "north"
                    input "1" "say \\"two\\""
                    expect output like "sum 3" within 0.05
                    expect file "log.txt" as before

                  tests 3

                  limit 8 seconds
                  limit 2 seconds of CPU
                """;

        assertEquals(text, PatternPrinter.print(Patterns.parse(text)));
    }

    @Test
    void valuesAreWrittenAsTheyAreRead() {
        String text = """
                pattern tides "Tides"
                  "Read off."

                  role Gauge a class

                  -- how berths are spelt here
                  values text "berth, platz" "B-117", "C-020"
                  values text of Gauge matching "K-[0-9]{4}"  -- customers
                  values text "A", "B"
                  values number of Gauge "hours" 1 to 40
                  values number -3, 0.5
                  values Tide "SPRING", "NEAP"
                  values Berth from "B-117", 12, true
                """;

        DesignPattern p = Patterns.parse(text);

        assertEquals(text, PatternPrinter.print(p));
        assertEquals(List.of("berth", "platz"), p.values().get(0).words());
        assertEquals(List.of(), p.values().get(2).words());
    }
}
