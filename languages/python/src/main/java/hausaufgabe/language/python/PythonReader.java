package hausaufgabe.language.python;

import hausaufgabe.core.language.ReadLanguage;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.language.SourceReader;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import hausaufgabe.language.scripts.Code;
import hausaufgabe.language.scripts.DesignWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Python programs as designs. What cannot be parsed is told, and what stands around it is in the design. */
public final class PythonReader implements SourceReader {

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

    /** Python, to be read. */
    public static ReadLanguage language() {
        return new ReadLanguage("python", "Python", new PythonReader(), RESERVED::contains);
    }

    @Override
    public boolean reads(String path) {
        return path.endsWith(".py");
    }

    @Override
    public Reading read(List<SourceFile> sources) {
        List<Code.Module> modules = new ArrayList<>();
        List<Diagnostic> problems = new ArrayList<>();
        Map<String, String> texts = new LinkedHashMap<>();
        for (SourceFile s : sources) {
            PythonTree.Parsed parsed = PythonTree.parse(s.path(), s.text());
            modules.add(parsed.module());
            problems.addAll(parsed.problems());
            texts.put(s.path(), s.text());
        }
        return new Reading(
                DesignWriter.design(new PythonDialect(), modules, texts), problems.isEmpty(), problems, Map.of());
    }
}
