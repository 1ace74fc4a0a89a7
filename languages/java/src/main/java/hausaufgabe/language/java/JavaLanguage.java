package hausaufgabe.language.java;

import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.LanguageReader;
import hausaufgabe.core.language.LanguageValues;
import hausaufgabe.language.java.running.JavaValues;
import javax.lang.model.SourceVersion;

/** Java, read through the platform's own compiler. */
public final class JavaLanguage implements Language {
    /** Words that are none of the language everywhere. */
    private static final java.util.Set<String> CONTEXTUAL =
            java.util.Set.of("var", "record", "sealed", "permits", "yield");

    private final LanguageReader reader = new JavaReader();
    private final LanguageValues values = new JavaValues();

    @Override
    public String id() {
        return "java";
    }

    @Override
    public String name() {
        return "Java";
    }

    /** For one thread at a time. */
    @Override
    public LanguageReader reader() {
        return reader;
    }

    @Override
    public LanguageValues values() {
        return values;
    }

    @Override
    public boolean isReserved(String word) {
        return SourceVersion.isKeyword(word) || CONTEXTUAL.contains(word);
    }

    @Override
    public String highlighting() {
        return "java";
    }
}
