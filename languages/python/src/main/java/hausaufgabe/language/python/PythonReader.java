package hausaufgabe.language.python;

import hausaufgabe.core.driver.Program;
import hausaufgabe.core.language.LanguageReader;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import hausaufgabe.language.scripts.Code;
import hausaufgabe.language.scripts.DesignWriter;
import hausaufgabe.language.scripts.ScriptProgram;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** Python programs as designs. What cannot be parsed is told, and what stands around it is in the design. */
public final class PythonReader implements LanguageReader {

    @Override
    public boolean reads(String path) {
        return path.endsWith(".py");
    }

    @Override
    public Reading read(List<SourceFile> sources) {
        List<Code.Module> modules = new ArrayList<>();
        List<Diagnostic> problems = new ArrayList<>();
        Map<String, String> texts = new LinkedHashMap<>();
        Map<String, byte[]> program = new LinkedHashMap<>();
        for (SourceFile s : sources) {
            PythonTree.Parsed parsed = PythonTree.parse(s.path(), s.text());
            modules.add(parsed.module());
            problems.addAll(parsed.problems());
            texts.put(s.path(), s.text());
            program.put(s.path(), s.text().getBytes(StandardCharsets.UTF_8));
        }
        DesignWriter.Written written = DesignWriter.of(new PythonDialect(), modules, texts);
        program.put(ScriptProgram.PLAN, written.plan());
        return new Reading(written.design(), problems.isEmpty(), problems, problems.isEmpty() ? program : Map.of());
    }

    @Override
    public CompiledTests compile(List<SourceFile> sources, List<SourceFile> tests, List<String> libraries) {
        List<SourceFile> all = new ArrayList<>(sources.stream()
                .filter(s -> reads(s.path()))
                .filter(s -> tests.stream().noneMatch(t -> t.path().equals(s.path())))
                .toList());
        all.addAll(tests);
        Reading reading = read(all);
        List<String> modules =
                tests.stream().map(t -> PythonTree.moduleName(t.path())).toList();
        Diagnostic first =
                reading.diagnostics().isEmpty() ? null : reading.diagnostics().get(0);
        String problem = first == null ? null : first.file() + ", line " + first.line() + ": " + first.message();
        return new CompiledTests(reading.program(), modules, problem);
    }

    @Override
    public Program ready(Map<String, byte[]> program) {
        return new ScriptProgram(program);
    }
}
