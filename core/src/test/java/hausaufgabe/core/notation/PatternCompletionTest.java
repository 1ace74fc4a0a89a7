package hausaufgabe.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.matching.relation.StandardVocabulary;
import java.util.List;
import org.junit.jupiter.api.Test;

class PatternCompletionTest {

    private static final String BEGUN = """
            pattern pier "Pier"
              "Ships lie at it."
              role Ship a class
              role Pier a class
              member dock operation of Pier that takes Ship
            """;

    private static PatternCompletion at(String rest) {
        return PatternCompletion.at(BEGUN + rest, BEGUN.length() + rest.length(), StandardVocabulary.INSTANCE);
    }

    @Test
    void atTheBeginningOfALineStandsWhatCanBeDeclared() {
        assertTrue(at("  ").choices().containsAll(List.of("role", "member", "scenario", "limit")));
        assertFalse(at("  ").choices().contains("same"), "there is no pattern above");
    }

    @Test
    void aSubjectIsOneOfTheNamesDeclaredAbove() {
        assertEquals(
                List.of("Ship", "Pier", "dock"),
                at("  require x 1 \"A pier.\"\n    ").choices());
    }

    @Test
    void whatIsSaidStandsInFull() {
        List<String> ofAType = at("  require x 1 \"A pier.\"\n    Pier ").choices();
        List<String> ofAnOperation =
                at("  require x 1 \"A pier.\"\n    dock cal").choices();

        assertTrue(
                ofAType.contains("is realised by ROLE") && ofAType.contains("is an abstraction"), ofAType.toString());
        assertTrue(ofAnOperation.contains("calls OPERATION on FIELD"), ofAnOperation.toString());
    }

    @Test
    void aRelationThatIsBegunGoesOnWithItsRestAndItsNames() {
        assertTrue(at("  require x 1 \"A pier.\"\n    Pier is ").choices().contains("realised by ROLE"));
        assertEquals(
                List.of("Ship", "Pier"),
                at("  require x 1 \"A pier.\"\n    Pier realises ").choices());
    }

    @Test
    void theWordThatIsBeingWrittenIsReplaced() {
        String text = BEGUN + "  role Crane a cla";

        PatternCompletion found = PatternCompletion.at(text, text.length(), StandardVocabulary.INSTANCE);

        assertEquals("cla", text.substring(found.from()));
        assertTrue(found.choices().contains("class"), found.choices().toString());
    }

    @Test
    void whatIsWrongFurtherUpOffersNothing() {
        assertEquals(List.of(), at("  role Ship a class\n  require ").choices());
    }
}
