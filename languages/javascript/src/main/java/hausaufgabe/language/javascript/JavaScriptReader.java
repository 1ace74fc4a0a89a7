package hausaufgabe.language.javascript;

import hausaufgabe.core.driver.Program;
import hausaufgabe.core.language.LanguageReader;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import hausaufgabe.language.scripts.Code;
import hausaufgabe.language.scripts.DesignWriter;
import hausaufgabe.language.scripts.ScriptProgram;
import hausaufgabe.language.scripts.SyntaxNode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.treesitter.TreeSitterJavascript;
import org.treesitter.TreeSitterTypescript;

/**
 * Programs in JavaScript, or in TypeScript, as designs. What cannot be parsed is told, and what stands around it is in the
 * design. Packages that were put in with them, what was made of them by tools, and files that mix in markup are left out.
 */
final class JavaScriptReader implements LanguageReader {

    private static final int MOST_IN_A_LINE = 5_000;

    private final boolean typed;
    private final SyntaxNode.Grammar grammar;

    JavaScriptReader(boolean typed) {
        this.typed = typed;
        this.grammar = new SyntaxNode.Grammar(typed ? new TreeSitterTypescript() : new TreeSitterJavascript());
    }

    @Override
    public boolean reads(String path) {
        return typed ? path.matches(".*\\.[cm]?tsx?") && !path.endsWith(".d.ts") : path.matches(".*\\.([cm]?js|jsx)");
    }

    @Override
    public Reading read(List<SourceFile> sources) {
        List<Code.Module> modules = new ArrayList<>();
        List<Diagnostic> problems = new ArrayList<>();
        List<Diagnostic> remarks = new ArrayList<>();
        Map<String, String> texts = new LinkedHashMap<>();
        Map<String, byte[]> program = new LinkedHashMap<>();
        List<JavaScriptTree.Parsed> all = new ArrayList<>();
        for (SourceFile s : selected(sources, remarks)) {
            JavaScriptTree.Parsed parsed = JavaScriptTree.parse(grammar, s.path(), s.text());
            all.add(parsed);
            modules.add(parsed.module());
            problems.addAll(parsed.problems());
            texts.put(s.path(), s.text());
        }
        Map<String, Set<String>> types = types(all);
        Set<String> imported = all.stream()
                .flatMap(p -> p.module().body().stream())
                .filter(Code.Import.class::isInstance)
                .map(i -> ((Code.Import) i).module())
                .flatMap(m -> Stream.of(m, m + ".index"))
                .collect(Collectors.toSet());
        for (JavaScriptTree.Parsed parsed : all) {
            String path = parsed.module().path();
            String runnable = RunnableText.of(
                    parsed.root(),
                    path,
                    String.valueOf(texts.get(path)),
                    types,
                    !imported.contains(parsed.module().name()));
            program.put(path, runnable.getBytes(StandardCharsets.UTF_8));
        }
        if (modules.isEmpty()) {
            problems.add(new Diagnostic("", 0, "there is no source file to read"));
        }
        DesignWriter.Written written = DesignWriter.of(new JavaScriptDialect(), modules, texts);
        program.put(ScriptProgram.PLAN, written.plan());
        boolean read = problems.isEmpty();
        problems.addAll(remarks);
        return new Reading(written.design(), read, problems, read ? program : Map.of());
    }

    /** What modules declare, or give out of others, that is not there when they run. */
    private static Map<String, Set<String>> types(List<JavaScriptTree.Parsed> all) {
        Map<String, Set<String>> types = new LinkedHashMap<>();
        all.forEach(p -> types.put(p.module().name(), RunnableText.typesOf(p.root())));
        boolean changed = true;
        while (changed) {
            changed = false;
            for (JavaScriptTree.Parsed p : all) {
                Set<String> own = types.get(p.module().name());
                for (Code.Statement s : p.module().body()) {
                    if (s instanceof Code.Import i && types.containsKey(i.module())) {
                        Set<String> there = types.get(i.module());
                        changed |= "*".equals(i.name())
                                ? own.addAll(there)
                                : i.name() != null && there.contains(i.name()) && own.add(i.as());
                    }
                }
            }
        }
        return types;
    }

    /** What a person wrote. */
    private static List<SourceFile> selected(List<SourceFile> sources, List<Diagnostic> remarks) {
        List<SourceFile> all = new ArrayList<>();
        boolean packages = false;
        for (SourceFile s : sources) {
            if (("/" + s.path()).contains("/node_modules/")) {
                packages = true;
            } else if (s.path().matches(".*\\.(jsx|tsx)")) {
                remarks.add(new Diagnostic(s.path(), 0, "this file mixes in markup; it was left out"));
            } else if (s.text().lines().anyMatch(l -> l.length() > MOST_IN_A_LINE)) {
                remarks.add(new Diagnostic(
                        s.path(), 0, "this file was made by a tool, with its lines run together; it was left out"));
            } else {
                all.add(s);
            }
        }
        if (packages) {
            remarks.add(new Diagnostic("node_modules", 0, "packages that were handed in as well were left out"));
        }
        return all;
    }

    @Override
    public CompiledTests compile(List<SourceFile> sources, List<SourceFile> tests, List<String> libraries) {
        List<SourceFile> all = new ArrayList<>(sources.stream()
                .filter(s -> tests.stream().noneMatch(t -> t.path().equals(s.path())))
                .toList());
        all.addAll(tests);
        Reading reading = read(all);
        List<String> modules =
                tests.stream().map(t -> JavaScriptTree.moduleName(t.path())).toList();
        Diagnostic first = reading.compiled() || reading.diagnostics().isEmpty()
                ? null
                : reading.diagnostics().get(0);
        String problem = first == null ? null : first.file() + ", line " + first.line() + ": " + first.message();
        return new CompiledTests(reading.program(), modules, problem);
    }

    @Override
    public Program ready(Map<String, byte[]> program) {
        return new ScriptProgram(program);
    }
}
