package hausaufgabe.core.catalogue;

import hausaufgabe.core.matching.relation.StandardVocabulary;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.PatternParser;
import hausaufgabe.core.notation.PatternSet;

/** Reads patterns that may say everything that can be judged. */
public final class Patterns {

    private Patterns() {}

    /**
     * @param text a whole file
     * @throws hausaufgabe.core.notation.NotationException where the text is not a pattern, or one that contradicts itself
     */
    public static PatternSet all(String text) {
        return PatternSet.parse(text, StandardVocabulary.INSTANCE);
    }

    /**
     * @param text a whole file that holds one pattern
     * @throws hausaufgabe.core.notation.NotationException where the text is not one pattern
     */
    public static DesignPattern parse(String text) {
        return PatternParser.parse(text, StandardVocabulary.INSTANCE);
    }
}
