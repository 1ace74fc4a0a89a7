package hausaufgabe.core.notation;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.matching.relation.StandardVocabulary;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class PatternSetTest {

    private static final String TWO = """
            -- what lies there
            pattern pier "Pier"
              "Ships lie at it."
              role Ship an abstraction
              role Tug a class
              role Freighter every class that realises Ship
              require lies 2 "{Ship} lies."
                Ship is an abstraction
              pitfall "Nothing lies." caught by lies

            -- who looks after it
            pattern watch "Watch"
              "Somebody looks."
              role Watched an abstraction
              role Watchman every class that depends on Watched

              same Watched as Ship  -- the very ships

              require looks 3 "{Watchman} looks at {Watched}."
                some Watchman depends on Watched
              pitfall "Nobody looks." caught by looks
            """;

    private static String mistake(String text) {
        return assertThrows(NotationException.class, () -> Patterns.all(text)).getMessage();
    }

    @Test
    void aTextMayAskForTwoPatterns() {
        PatternSet set = Patterns.all(TWO);
        assertEquals("pier+watch", set.id());
        assertEquals("Pier and Watch", set.title());
        assertEquals(
                List.of(new DesignPattern.SameRole("Watched", "Ship")),
                set.patterns().get(1).same());
        assertTrue(set.hasRole("Watchman"));
    }

    @Test
    void whatIsPrintedReadsTheSameAndKeepsItsComments() {
        PatternSet set = Patterns.all(TWO);
        String printed = set.print();
        assertEquals(set, Patterns.all(printed));
        assertEquals(printed, Patterns.all(printed).print());
        assertTrue(printed.contains("-- who looks after it\npattern watch"), printed);
        assertTrue(printed.contains("same Watched as Ship  -- the very ships"), printed);
    }

    @Test
    void aMistakeInTheSecondIsToldInItsOwnLine() {
        String told = mistake(TWO.replace("some Watchman depends", "some Wachtman depends"));
        assertTrue(told.startsWith("line 20, column 10: "), told);
    }

    @Test
    void aNameIsGivenOnce() {
        assertTrue(mistake(TWO.replace("Watchman", "Freighter"))
                .contains("'Freighter' already names a role of Pier; give it another name here"));
        assertTrue(mistake(TWO.replace("looks", "lies")).contains("'lies' already names a requirement of Pier"));
    }

    private static List<String> mistakes(String text) {
        return PatternSet.mistakes(text, StandardVocabulary.INSTANCE).stream()
                .map(e -> e.line() + ":" + e.column())
                .toList();
    }

    @Test
    void everyMistakeIsToldAndNotWhatFollowsFromOne() {
        assertEquals(List.of(), mistakes(TWO));
        assertEquals(List.of("4:13"), mistakes(TWO.replace("role Ship an", "role Ship that")));
        assertEquals(
                List.of("5:12", "9:3", "17:19", "20:10"),
                mistakes(TWO.replace("Tug a class", "Tug class")
                        .replace("pitfall \"Nothing", "pitfal \"Nothing")
                        .replace("same Watched as Ship", "same Watched as Shop")
                        .replace("some Watchman depends", "some Watchmen depends")));
        assertEquals(List.of("1:1"), mistakes(""));
    }

    @Test
    void aScenarioHasItsNameAlone() {
        String scenario = "  scenario \"a ship comes\" 1\n    s := new %s\n    expect s is s\n";
        String twice = TWO.replace("\n-- who looks", scenario.formatted("Ship") + "\n-- who looks")
                + scenario.formatted("Watched");
        String told = mistake(twice);
        assertTrue(told.startsWith("line 25, column 3: 'a ship comes' already names a scenario of Pier"), told);
    }

    @Test
    void aRoleIsTheSameOnlyAsARoleOfOneTypeAbove() {
        assertTrue(mistake(TWO.replace("as Ship", "as Shipp")).contains("Did you mean 'Ship'?"));
        assertTrue(mistake(TWO.replace("as Ship", "as Freighter")).contains("a role of one type of a pattern above"));
        assertTrue(mistake(TWO.replace("same Watched", "same Watchman")).contains("every type that fits"));
        assertTrue(mistake(TWO.replace("  role Tug a class\n", "  role Tug a class\n  same Tug as Ship\n"))
                .contains("no pattern stands above"));
        assertTrue(mistake(TWO.replace("  same Watched as Ship", "  same Watched as Ship\n  same Watched as Tug"))
                .contains("it was said already"));
    }

    @Test
    void aChangeOfOneLeavesTheOtherAsItStands() {
        String changed = PatternEditor.apply(TWO, 1, new PatternEdit.Removal("pitfall 0"), StandardVocabulary.INSTANCE);
        assertEquals(TWO.replace("  pitfall \"Nobody looks.\" caught by looks\n", ""), changed);
        String added = PatternEditor.apply(
                TWO,
                0,
                new PatternEdit.Addition("  scenario \"a ship comes\" 1\n    s := new Ship\n    expect s is s"),
                StandardVocabulary.INSTANCE);
        assertEquals(
                "a ship comes",
                Patterns.all(added).patterns().get(0).scenarios().get(0).name());
        assertTrue(added.indexOf("a ship comes") < added.indexOf("-- who looks after it"), added);
    }

    @Test
    void whatCouldBeTheSameIsOfferedWhileItIsTyped() {
        String text = TWO.substring(0, TWO.indexOf("as Ship") + 3);
        assertEquals(
                List.of("Ship", "Tug"),
                PatternCompletion.at(text, text.length(), StandardVocabulary.INSTANCE)
                        .choices());
    }

    @Test
    void anyTwoOfTheCatalogueCanBeAskedForTogether() {
        for (String a : Catalogue.ids()) {
            for (String b : Catalogue.ids()) {
                String joined = PatternSet.joined(
                        Catalogue.text(a).orElseThrow(),
                        Catalogue.text(b).orElseThrow(),
                        Map.of(),
                        StandardVocabulary.INSTANCE);
                PatternSet set = Patterns.all(joined);
                DesignPattern second = Catalogue.pattern(b).orElseThrow();
                assertEquals(Catalogue.pattern(a).orElseThrow(), set.patterns().get(0));
                assertEquals(
                        second.scenarios().size(),
                        set.patterns().get(1).scenarios().size(),
                        () -> a + " and " + b);
                assertEquals(
                        second.requirements().stream()
                                .map(r -> r.conditions().size())
                                .toList(),
                        set.patterns().get(1).requirements().stream()
                                .map(r -> r.conditions().size())
                                .toList());
            }
        }
    }

    @Test
    void aRoleThatBothNameIsGivenAnewAndSaidToBeTheSame() {
        String joined = PatternSet.joined(
                Catalogue.text("composite").orElseThrow(),
                Catalogue.text("decorator").orElseThrow(),
                Map.of("Component", "Component"),
                StandardVocabulary.INSTANCE);
        assertTrue(joined.contains("\n  same Component2 as Component\n"), joined);
    }
}
