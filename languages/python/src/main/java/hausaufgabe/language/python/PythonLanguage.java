package hausaufgabe.language.python;

import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.LanguageReader;
import hausaufgabe.core.language.LanguageValues;
import java.util.Set;

/** Python, as its interpreter from 3.9 on has it. */
public final class PythonLanguage implements Language {

    private static final Set<String> RESERVED = Set.of(
            "False",
            "None",
            "True",
            "and",
            "as",
            "assert",
            "async",
            "await",
            "break",
            "class",
            "continue",
            "def",
            "del",
            "elif",
            "else",
            "except",
            "finally",
            "for",
            "from",
            "global",
            "if",
            "import",
            "in",
            "is",
            "lambda",
            "match",
            "case",
            "nonlocal",
            "not",
            "or",
            "pass",
            "raise",
            "return",
            "self",
            "super",
            "try",
            "while",
            "with",
            "yield");

    private final LanguageReader reader = new PythonReader();
    private final LanguageValues values = new PythonValues();

    @Override
    public String id() {
        return "python";
    }

    @Override
    public String name() {
        return "Python";
    }

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
        return RESERVED.contains(word);
    }

    @Override
    public String highlighting() {
        return "python";
    }
}
