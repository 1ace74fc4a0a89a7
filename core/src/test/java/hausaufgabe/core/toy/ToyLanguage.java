package hausaufgabe.core.toy;

import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.LanguageReader;
import hausaufgabe.core.language.LanguageValues;

/** The toy language, as any other is brought along. */
public final class ToyLanguage implements Language {

    @Override
    public String id() {
        return "toy";
    }

    @Override
    public String name() {
        return "Toy";
    }

    @Override
    public LanguageReader reader() {
        return new ToyReader();
    }

    @Override
    public LanguageValues values() {
        return new ToyValues();
    }

    @Override
    public boolean isReserved(String word) {
        return java.util.Set.of("abstract", "type", "is", "field", "return", "for", "in", "if", "new")
                .contains(word);
    }

    @Override
    public String highlighting() {
        return "text";
    }
}
