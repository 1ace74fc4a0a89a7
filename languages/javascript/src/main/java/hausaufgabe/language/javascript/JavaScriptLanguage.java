package hausaufgabe.language.javascript;

import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.LanguageReader;
import hausaufgabe.core.language.LanguageValues;
import java.util.Set;

/** JavaScript, or TypeScript, which is the same with types. */
public final class JavaScriptLanguage implements Language {

    private static final Set<String> RESERVED = Set.of(
            "abstract",
            "any",
            "as",
            "async",
            "await",
            "boolean",
            "break",
            "case",
            "catch",
            "class",
            "const",
            "constructor",
            "continue",
            "debugger",
            "default",
            "delete",
            "do",
            "else",
            "enum",
            "export",
            "extends",
            "false",
            "finally",
            "for",
            "from",
            "function",
            "get",
            "if",
            "implements",
            "import",
            "in",
            "instanceof",
            "interface",
            "is",
            "keyof",
            "let",
            "never",
            "new",
            "null",
            "number",
            "of",
            "private",
            "protected",
            "public",
            "readonly",
            "require",
            "return",
            "satisfies",
            "set",
            "static",
            "string",
            "super",
            "switch",
            "this",
            "throw",
            "true",
            "try",
            "type",
            "typeof",
            "undefined",
            "unknown",
            "var",
            "void",
            "while",
            "with",
            "yield");

    private final boolean typed;
    private final LanguageReader reader;
    private final LanguageValues values = new JavaScriptValues();

    private JavaScriptLanguage(boolean typed) {
        this.typed = typed;
        this.reader = new JavaScriptReader(typed);
    }

    /** Without types. */
    public static JavaScriptLanguage plain() {
        return new JavaScriptLanguage(false);
    }

    /** With types. */
    public static JavaScriptLanguage typed() {
        return new JavaScriptLanguage(true);
    }

    @Override
    public String id() {
        return typed ? "typescript" : "javascript";
    }

    @Override
    public String name() {
        return typed ? "TypeScript" : "JavaScript";
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
        return id();
    }
}
