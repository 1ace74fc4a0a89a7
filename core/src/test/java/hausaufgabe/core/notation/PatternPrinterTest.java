package hausaufgabe.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.catalogue.Patterns;
import java.util.Arrays;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PatternPrinterTest {

    static Stream<String> catalogue() {
        return Catalogue.ids().stream();
    }

    @ParameterizedTest
    @MethodSource("catalogue")
    void whatIsPrintedReadsAsTheSamePattern(String id) {
        DesignPattern pattern = Catalogue.pattern(id).orElseThrow();

        String printed = PatternPrinter.print(pattern);

        assertEquals(pattern, Patterns.parse(printed));
        assertEquals(printed, PatternPrinter.print(Patterns.parse(printed)));
    }

    @ParameterizedTest
    @MethodSource("catalogue")
    void everyPatternOfTheCatalogueSaysWhatItIsFor(String id) {
        DesignPattern pattern = Catalogue.pattern(id).orElseThrow();

        assertTrue(pattern.roles().stream().noneMatch(r -> r.doc().isEmpty()), "a role without a word");
        assertTrue(pattern.pitfalls().size() >= 4, "pitfalls");
        assertTrue(pattern.requirements().stream().anyMatch(r -> !r.hint().isEmpty()), "hints");
        assertTrue(pattern.requirements().stream().anyMatch(DesignPattern.Requirement::essential), "essentials");
    }

    @Test
    void commentsStayWhereTheyStood() {
        String text = """
                -- above all
                pattern pier "Pier"  -- its name
                  "Ships lie at it."

                  -- before the role
                  role Ship a class  -- behind it
                    "lies at the pier"

                  -- before the requirement
                  require lies 1 "{Ship} lies."  -- worth little
                    -- before the condition
                    Ship is final  -- behind the condition

                -- at the end
                """;

        String printed = PatternPrinter.print(Patterns.parse(text));

        for (String comment : Arrays.asList("above all", "its name", "before the role", "behind it", "worth little")) {
            assertEquals(1, printed.split(comment, -1).length - 1, comment + "\n" + printed);
        }
        assertTrue(printed.contains("role Ship a class  -- behind it"), printed);
        assertTrue(printed.contains("Ship is final  -- behind the condition"), printed);
        assertTrue(printed.strip().endsWith("-- at the end"), printed);
        assertEquals(printed, PatternPrinter.print(Patterns.parse(printed)));
    }

    @Test
    void everyQuantityAndEveryNegationIsWrittenAsItIsRead() {
        String conditions = """
                    Ship is not final
                    no Ship has only private constructors
                    exactly 1 Ship is a record
                    at least 2 Ship are not sealed
                    at most 3 Ship have only private constructors
                    some dock does not call leave
                    some dock calls leave, and nowhere else
                """;
        String text = """
                pattern pier "Pier"
                  "Ships lie at it."

                  role Ship every class that is final
                    named like "boat", "ship"

                  member dock every operation of Ship, private or not, that is abstract
                  member leave optional every operation of Ship

                  require lies 1 "{Ship} lies."
                """ + conditions;

        String printed = PatternPrinter.print(Patterns.parse(text));

        assertEquals(text, printed);
    }

    @Test
    void everyStepOfAScenarioIsWrittenAsItIsRead() {
        String text = """
                pattern pier "Pier"
                  "Ships lie at it."

                  role Ship an abstraction
                  role Pier a class

                  member sail every operation of Ship
                  member berth field of Pier
                  member land every operation of Pier

                  require lies 1 "{Ship} lies."
                    Ship is an abstraction

                  scenario "All there is" 2
                    when Ship is an abstraction
                    one := double of Ship
                    two := double of Ship answering sail with 3, sail with "far"
                    plain := new Pier with one
                    pier := new Pier with one, 4, "west", true, any
                    answer := call pier.land with two, null
                    call pier.land with one until one.sail is called
                    set pier.berth to two
                    repeat 3 times call pier.land
                    in parallel by 4 threads call pier.land with any
                    for each Ship as s call s.sail
                    for some Ship as t expect t is not null
                    capture output
                    forget calls
                    expect one.sail never called
                    expect one.sail called once
                    expect one.sail called 2 times
                    expect one.sail called at least once
                    expect one.sail called with 3, answer
                    expect one.sail, two.sail called in this order
                    expect answer is 3
                    expect answer is not 4
                    expect answer is the same as one
                    expect answer is not the same as two
                    expect answer is between 1 and 5
                    expect answer is one of 1, 2, 3
                    expect pier is unchanged
                    expect call pier.land with null to throw "IllegalArgumentException"
                    expect call pier.land to throw
                    expect output "Ahoy"
                    expect no output
                """;

        String printed = PatternPrinter.print(Patterns.parse(text));

        assertEquals(text, printed);
    }

    @Test
    void aMisspeltStepIsToldWithTheOneItMayBe() {
        String start = "pattern pier \"Pier\"\n\"Ships.\"\nrole Ship a class\nmember sail every operation of Ship\n"
                + "require a 1 \"A.\"\nShip is final\nscenario \"S\" 1\ns := new Ship\n";

        assertTrue(refused(start + "expct s is null").contains("Did you mean 'expect'?"));
        assertTrue(refused(start + "expect t is null").contains("a variable set above"));
        assertTrue(refused(start + "repeat 1.5 times call s.sail").contains("a whole number"));
        assertTrue(refused(start + "for each Ship s call s.sail").contains("expected 'as'"));
    }

    @Test
    void whatContradictsItselfIsRefusedWithTheReason() {
        String start = "pattern pier \"Pier\"\n\"Ships.\"\nrole Ship a class\n";

        String both = refused(start + "require a 1 \"A.\"\nShip is final\nforbid b 1 \"B.\"\nShip is final\n");
        String counts = refused(start.replace("a class", "every class that is final")
                + "require a 1 \"A.\"\nat least 3 Ship are final\nrequire b 1 \"B.\"\nat most 2 Ship are final\n");

        assertTrue(both.contains("'a' and 'b' contradict each other"), both);
        assertTrue(both.contains("asked for and forbidden"), both);
        assertTrue(counts.contains("contradict"), counts);
    }

    @Test
    void whatIsTooLongForAPatternIsRefusedAtOnce() {
        String refusal = refused("pattern pier \"Pier\"\n" + "-- x\n".repeat(250_000));

        assertTrue(refusal.contains("at most 200000"), refusal);
    }

    @Test
    void aRoleCannotBeToldByItself() {
        String refusal = refused("pattern pier \"Pier\"\n\"Ships.\"\nrole Ship every class that realises Boat\n"
                + "role Boat every class that realises Ship\n");

        assertTrue(refusal.contains("the name of a role declared above"), refusal);
    }

    private static String refused(String text) {
        return assertThrows(NotationException.class, () -> Patterns.parse(text)).getMessage();
    }
}
