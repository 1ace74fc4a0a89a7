package hausaufgabe.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.matching.relation.StandardVocabulary;
import hausaufgabe.core.notation.DesignPattern.Condition;
import hausaufgabe.core.notation.DesignPattern.Quantity;
import hausaufgabe.core.notation.DesignPattern.TypeSort;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

class PatternEditorTest {

    private static final String PIER = """
            -- a pier of Nordhafen
            pattern pier "Pier"
              "Ships lie at it."

              role Ship   a class   -- any of them
                "lies at the pier"
              role Freighter every class that extends Ship

              -- what the harbour master asks first
              require lies essential 2 "{Ship} lies."   -- worth much
                hint "Let it lie."
                -- not for ever
                Ship is final  -- as the book says
              require   many 1 "Two or more are {Freighter}."
                at least 2 Freighter extend Ship

              form "at the quay"
              form "in the roads" instead of many
                require lies-off 1 "{Ship} lies off."
                  Ship is final

              pitfall "Nothing lies." caught by lies, many
              pitfall "One lies." caught by many

              scenario "a ship comes" 2
                settles many
                s := new Ship
                expect s is s
            """;

    private static String after(PatternEdit edit) {
        return PatternEditor.apply(PIER, edit, StandardVocabulary.INSTANCE);
    }

    @Test
    void stepsChangeInTheirPlace() {
        String place = "scenario a ship comes";
        assertEquals(
                PIER.replace("expect s is s", "expect s is not s"),
                after(new PatternEdit.Line(place, 1, "expect s is not s")));
        assertEquals(
                PIER.replace("    expect s is s", "    t := new Ship\n    expect s is s"),
                after(new PatternEdit.LineIn(place, 1, "t := new Ship")));
        assertEquals(
                PIER.replace("    expect s is s\n", "    expect s is s\n    expect no error\n"),
                after(new PatternEdit.LineIn(place, 2, "expect no error")));
        assertEquals(PIER.replace("    expect s is s\n", ""), after(new PatternEdit.LineOut(place, 1)));
        assertEquals(
                "This would no longer be a pattern: found 's', expected a variable set above.",
                assertThrows(PatternEditor.Refused.class, () -> after(new PatternEdit.LineMove(place, 0, false)))
                        .getMessage());
        assertEquals(PIER, after(new PatternEdit.LineMove(place, 1, false)), "there is nothing below it");
        assertThrows(PatternEditor.Refused.class, () -> after(new PatternEdit.Line(place, 7, "expect no error")));
    }

    @Test
    void aFormThatWasLeftOutCanBePutInAgain() {
        String text = Catalogue.text("visitor").orElseThrow();
        DesignPattern visitor = Catalogue.pattern("visitor").orElseThrow();
        DesignPattern.Form last = visitor.forms().get(visitor.forms().size() - 1);

        String without =
                PatternEditor.apply(text, new PatternEdit.Removal("form " + last.name()), StandardVocabulary.INSTANCE);
        assertEquals(visitor.forms().size() - 1, Patterns.parse(without).forms().size());
        String again = PatternEditor.apply(
                without, new PatternEdit.Addition(PatternPrinter.block(visitor, last)), StandardVocabulary.INSTANCE);

        assertEquals(visitor.forms(), Patterns.parse(again).forms());
    }

    @Test
    void aLimitIsSaidOnlyWhereItIsNotTheUsual() {
        String limited = after(new PatternEdit.Limit(RunLimits.Of.CPU, 20));
        assertEquals(20, Patterns.parse(limited).limits().cpuSeconds());
        String more =
                PatternEditor.apply(limited, new PatternEdit.Limit(RunLimits.Of.CPU, 30), StandardVocabulary.INSTANCE);
        assertEquals(limited.replace("limit 20", "limit 30"), more);
        String usual = PatternEditor.apply(
                more,
                new PatternEdit.Limit(RunLimits.Of.CPU, RunLimits.USUAL.cpuSeconds()),
                StandardVocabulary.INSTANCE);
        assertEquals(Patterns.parse(PIER), Patterns.parse(usual));
    }

    @Test
    void pointsChangeInTheirPlaceAndNothingElseDoes() {
        assertEquals(
                PIER.replace("lies essential 2 \"", "lies essential 2.5 \""),
                after(new PatternEdit.Worth("require lies", 2.5)));
        assertEquals(
                PIER.replace("require   many 1", "require   many 4"), after(new PatternEdit.Worth("require many", 4)));
        assertEquals(
                PIER.replace("a ship comes\" 2", "a ship comes\" 3"),
                after(new PatternEdit.Worth("scenario a ship comes", 3)));
        assertEquals(
                PIER.replace("lies-off 1", "lies-off 2"),
                after(new PatternEdit.Worth("form in the roads require lies-off", 2)));
    }

    @Test
    void aSentenceItsHintAndItsWeightChangeAndTheCommentBehindStays() {
        String changed = after(new PatternEdit.Wording("require lies", "{Ship} rests\n \"at\" the pier."));

        assertTrue(changed.contains("require lies essential 2 \"{Ship} rests \\\"at\\\" the pier.\"   -- worth much"));
        assertTrue(after(new PatternEdit.Essential("require lies", false)).contains("require lies 2 \"{Ship} lies.\""));
        assertTrue(after(new PatternEdit.Essential("require many", true)).contains("require   many essential 1 \""));
        assertTrue(after(new PatternEdit.Forbidden("require many", true)).contains("forbid   many 1 \""));
        assertFalse(after(new PatternEdit.Hint("require lies", "")).contains("hint"));
        assertEquals(
                "Bring one more.",
                Patterns.parse(after(new PatternEdit.Hint("require many", "Bring one more.")))
                        .requirements()
                        .get(1)
                        .hint());
    }

    @Test
    void aConditionIsExchangedAddedAndTakenAway() {
        Condition one = new Condition(Quantity.SOME, 0, "Ship", new Predicate.IsA(TypeSort.CLASS), false);

        String exchanged = after(new PatternEdit.Says("require lies", 0, one));
        String added = after(new PatternEdit.Says("require lies", 1, one));

        assertTrue(exchanged.contains("    some Ship is a class  -- as the book says\n"));
        assertTrue(exchanged.contains("-- not for ever"));
        assertTrue(added.contains("    Ship is final  -- as the book says\n    some Ship is a class\n"));
        assertEquals(
                PIER.replace(
                        "lies.\"   -- worth much\n    hint \"Let it lie.\"\n    -- not for ever\n    Ship is final",
                        "lies.\"   -- worth much\n    hint \"Let it lie.\"\n    -- not for ever\n    some Ship is a class"),
                exchanged);
        assertEquals(
                PIER,
                PatternEditor.apply(added, new PatternEdit.Unsaid("require lies", 1), StandardVocabulary.INSTANCE));
        assertThrows(PatternEditor.Refused.class, () -> after(new PatternEdit.Unsaid("require many", 0)));
    }

    @Test
    void whatIsLeftOutIsForgottenWhereItWasMentioned() {
        String changed = after(new PatternEdit.Removal("require lies"));

        assertFalse(changed.contains("what the harbour master asks first"));
        assertTrue(changed.contains("pitfall \"Nothing lies.\" caught by many"));
        assertEquals(1, Patterns.parse(changed).requirements().size());
        assertTrue(changed.contains("role Ship   a class   -- any of them"));
    }

    @Test
    void whatAFormStandsInForIsNotLeftOutBeforeTheForm() {
        PatternEditor.Refused refused =
                assertThrows(PatternEditor.Refused.class, () -> after(new PatternEdit.Removal("require many")));

        assertTrue(refused.getMessage().contains("Leave out the form first"), refused.getMessage());
    }

    @Test
    void requirementsChangePlacesWithTheirComments() {
        String moved = after(new PatternEdit.Move("require lies", false));

        assertTrue(moved.indexOf("require   many") < moved.indexOf("-- what the harbour master asks first"));
        assertTrue(moved.indexOf("-- what the harbour master asks first") < moved.indexOf("require lies"));
        assertEquals(
                PIER,
                PatternEditor.apply(moved, new PatternEdit.Move("require lies", true), StandardVocabulary.INSTANCE));
        assertEquals(PIER, after(new PatternEdit.Move("require lies", true)), "the first goes no further up");
    }

    @Test
    void whatIsAddedStandsBehindTheLastOfItsSort() {
        String added =
                after(new PatternEdit.Addition("  forbid sinks 1 \"{Ship} does not sink.\"\n    Ship is a record"));
        String valued = after(new PatternEdit.Addition("  values text \"berth\" \"B-117\", \"C-020\""));

        assertEquals(
                List.of("lies", "many", "sinks"),
                Patterns.parse(added).requirements().stream()
                        .map(DesignPattern.Requirement::id)
                        .toList());
        assertTrue(added.indexOf("forbid sinks") < added.indexOf("form \"at the quay\""));
        assertEquals(1, Patterns.parse(valued).values().size());
        assertThrows(PatternEditor.Refused.class, () -> after(new PatternEdit.Addition("sail away")));
        assertThrows(
                PatternEditor.Refused.class,
                () -> after(new PatternEdit.Addition("require x 1 \"{Whale} sings.\"\n Ship is final")));
    }

    @Test
    void windowsLineEndsStay() {
        String changed = PatternEditor.apply(
                PIER.replace("\n", "\r\n"), new PatternEdit.Worth("require lies", 9), StandardVocabulary.INSTANCE);

        assertEquals(PIER.replace("\n", "\r\n").replace("essential 2", "essential 9"), changed);
    }

    /** Whatever is changed as a sentence reads back as just that change, and no comment is lost by it. */
    @Property(tries = 120)
    void whatIsChangedAsASentenceReadsAsThatChange(
            @ForAll("patterns") String id, @ForAll int which, @ForAll int points) {
        String text = Catalogue.text(id).orElseThrow();
        DesignPattern before = Patterns.parse(text);
        DesignPattern.Requirement r = before.requirements()
                .get(Math.floorMod(which, before.requirements().size()));
        double worth = Math.floorMod(points, 40) / 4.0;

        String changed = PatternEditor.apply(
                text, new PatternEdit.Worth("require " + r.id(), worth), StandardVocabulary.INSTANCE);
        String again = PatternEditor.apply(
                PatternEditor.apply(
                        changed, new PatternEdit.Wording("require " + r.id(), r.text()), StandardVocabulary.INSTANCE),
                new PatternEdit.Says("require " + r.id(), 0, r.conditions().get(0)),
                StandardVocabulary.INSTANCE);
        DesignPattern after = Patterns.parse(again);

        assertEquals(before.comments(), after.comments());
        assertEquals(before.scenarios(), after.scenarios());
        for (int i = 0; i < before.requirements().size(); i++) {
            DesignPattern.Requirement b = before.requirements().get(i);
            DesignPattern.Requirement a = after.requirements().get(i);
            assertEquals(b.id().equals(r.id()) ? worth : b.points(), a.points());
            assertEquals(b.conditions(), a.conditions());
            assertEquals(b.text(), a.text());
        }
        assertEquals(after, Patterns.parse(PatternPrinter.print(after)));
    }

    /** Moving down and up again gives the text letter by letter. */
    @Property(tries = 60)
    void whatIsMovedThereAndBackStandsAsBefore(@ForAll("patterns") String id, @ForAll int which) {
        String text = Catalogue.text(id).orElseThrow();
        List<DesignPattern.Requirement> all = Patterns.parse(text).requirements();
        String place =
                "require " + all.get(Math.floorMod(which, all.size() - 1)).id();

        String down = PatternEditor.apply(text, new PatternEdit.Move(place, false), StandardVocabulary.INSTANCE);

        assertEquals(text, PatternEditor.apply(down, new PatternEdit.Move(place, true), StandardVocabulary.INSTANCE));
    }

    @Provide
    Arbitrary<String> patterns() {
        return Arbitraries.of(Catalogue.ids());
    }
}
