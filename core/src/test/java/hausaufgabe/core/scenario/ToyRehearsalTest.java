package hausaufgabe.core.scenario;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.toy.ToyCheck;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Programs that refuse what does not fit their world, and show in their own demonstration what does. */
class ToyRehearsalTest {

    private static final String ANSWERS = "The strategy in use answers";

    /** An office that takes only days of its own spelling, and only once it is open. */
    private static final String OFFICE = """
            type Flat
              price(days)
                return 12
            type PerDay
              price(days)
                if days == "day-7"
                  return 7
                return 8
            type Office
              private field tariff
              private field key = none
              private field word = "quay-"
              new(tariff)
                self.tariff = tariff
              useTariff(other)
                self.tariff = other
              unlock(code)
                if code == word + 9
                  self.key = code
                else
                  throw "no such key"
              bill(days)
                if key is none
                  throw "closed"
                if days == "day-7"
                  return tariff.price(days)
                throw "no such day"
            type Demo
              static main()
                office = new Office(new Flat())
                office.unlock("quay-9")
                print office.bill("day-7")
                office.useTariff(new PerDay())
                print office.bill("day-7")
            """;

    @Test
    void valuesAndOrdersAreThoseOfTheDemonstration() {
        ToyCheck check = check("strategy", OFFICE);

        assertEquals(Outcome.PASSED, check.scenario(ANSWERS).outcome(), check::problems);
        assertTrue(steps(check.scenario(ANSWERS)).contains("demonstration"), () -> steps(check.scenario(ANSWERS)));
    }

    @Test
    void withoutOneTheRefusalIsSaidAndShowsNothing() {
        String silent = OFFICE.substring(0, OFFICE.indexOf("type Demo"));

        ScenarioResult r = check("strategy", silent).scenario(ANSWERS);

        assertEquals(Outcome.BLOCKED, r.outcome());
        assertTrue(r.explanation().plain().contains("closed at Harbour.toy:"), r.explanation()::plain);
    }

    @Test
    void whatTheExerciseSaysIsValidIsHandedOver() {
        String silent = OFFICE.substring(0, OFFICE.indexOf("type Demo"));
        String pattern = Catalogue.text("strategy").orElseThrow()
                + "  values text of Context \"code\" \"quay-9\"\n  values text \"day\" \"day-7\"\n";

        ScenarioResult r = ToyCheck.of(Patterns.parse(pattern), silent).scenario(ANSWERS);

        assertEquals(Outcome.PASSED, r.outcome(), r.explanation()::plain);
        assertTrue(steps(r).contains("with values that the exercise gives"), () -> steps(r));
    }

    @Test
    void anotherOneInThePlaceOfWhatWasHandedOverIsAFault() {
        String replaced = OFFICE.replace("    if key is none\n", "    self.tariff = new Flat()\n    if key is none\n");

        ScenarioResult r = check("strategy", replaced).scenario(ANSWERS);

        assertEquals(Outcome.FAILED, r.outcome(), r.explanation()::plain);
        assertTrue(r.explanation().plain().contains("had put in its place"), r.explanation()::plain);
    }

    @Test
    void whatWasShownBeforeAnErrorCounts() {
        String broken = OFFICE.replace(
                "    office.useTariff(new PerDay())\n",
                "    office.unlock(\"wrong\")\n    office.useTariff(new PerDay())\n");

        assertEquals(Outcome.PASSED, check("strategy", broken).scenario(ANSWERS).outcome());
    }

    private static String steps(ScenarioResult r) {
        return r.steps().stream().map(l -> l.text().plain()).collect(Collectors.joining("\n"));
    }

    private static ToyCheck check(String pattern, String program) {
        return ToyCheck.of(Patterns.parse(Catalogue.text(pattern).orElseThrow()), program);
    }
}
