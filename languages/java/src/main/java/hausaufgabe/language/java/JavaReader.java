package hausaufgabe.language.java;

import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.util.JavacTask;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.driver.Program;
import hausaufgabe.core.language.LanguageReader;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.language.java.running.CompiledProgram;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javax.tools.Diagnostic;
import javax.tools.DiagnosticCollector;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileManager;
import javax.tools.JavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.StandardLocation;
import javax.tools.ToolProvider;

/**
 * Reads Java 17. Annotation processors are never run. Errors do not stop the reading: what the compiler could make out is
 * in the design. Files that need a test library, which is not here, and {@code module-info.java} are left out.
 *
 * <p>Keeps the compiler's files open from one reading to the next, so one thread at a time may read with it.
 */
public final class JavaReader implements LanguageReader {

    private static final List<String> OPTIONS = List.of(
            "-proc:none",
            "-implicit:none",
            "-g",
            "-nowarn",
            "-Xlint:none",
            "-XDshould-stop.ifError=FLOW",
            // texts are joined as they stand: what is made at run time for it costs more than it saves
            "-XDstringConcat=inline",
            "-classpath",
            "",
            "--limit-modules",
            "java.se");

    /** How many of a program's errors are told. */
    private static final int MOST_ERRORS = 100;

    private final JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    private final JavaFileManager platform =
            new PlatformFiles(compiler.getStandardFileManager(null, Locale.ROOT, StandardCharsets.UTF_8));

    @Override
    public boolean reads(String path) {
        return path.endsWith(".java");
    }

    @Override
    public Reading read(List<SourceFile> sources) {
        SourceSelection selection = SourceSelection.of(sources);
        List<CheckReport.Diagnostic> remarks = new ArrayList<>(selection.remarks());
        List<SourceFile> used = selection.used();
        if (used.isEmpty()) {
            remarks.add(new CheckReport.Diagnostic("", 0, "there is no source file to read"));
            return new Reading(new Design(List.of(), List.of(), List.of()), false, remarks, Map.of());
        }
        return read(used, remarks);
    }

    @Override
    public CompiledTests compile(List<SourceFile> sources, List<SourceFile> tests, List<String> libraries) {
        List<SourceFile> all = new ArrayList<>(SourceSelection.of(sources).used());
        all.addAll(tests);
        DiagnosticCollector<JavaFileObject> collector = new DiagnosticCollector<>();
        try (StandardJavaFileManager standard =
                compiler.getStandardFileManager(null, Locale.ROOT, StandardCharsets.UTF_8)) {
            standard.setLocationFromPaths(
                    StandardLocation.CLASS_PATH,
                    libraries.stream().map(Path::of).toList());
            MemoryFiles files = new MemoryFiles(standard);
            List<String> options = List.of("-proc:none", "-implicit:none", "-g", "-nowarn", "-Xlint:none");
            boolean compiled = compiler.getTask(
                            Writer.nullWriter(),
                            files,
                            collector,
                            options,
                            null,
                            all.stream().map(MemoryFiles.Source::new).toList())
                    .call();
            List<CheckReport.Diagnostic> errors = errors(collector);
            String problem = compiled || errors.isEmpty()
                    ? null
                    : errors.get(0).file() + ", line " + errors.get(0).line() + ": "
                            + errors.get(0).message().replace("\n", " ");
            return new CompiledTests(compiled ? files.classes() : Map.of(), namesOf(tests), problem);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The types that the tests' files are named after. */
    private static List<String> namesOf(List<SourceFile> tests) {
        return tests.stream()
                .map(t -> {
                    String pack = SourceSelection.packageOf(t.text());
                    String file =
                            t.path().substring(t.path().lastIndexOf('/') + 1).replaceFirst("\\.java$", "");
                    return (pack.isEmpty() ? "" : pack + ".") + file;
                })
                .toList();
    }

    @Override
    public Program ready(Map<String, byte[]> program) {
        return new CompiledProgram(program);
    }

    /** Only what is needed to find roles: nothing is compiled, and no messages are kept. */
    public Design design(List<SourceFile> sources) {
        JavacTask task = task(sources);
        try {
            List<CompilationUnitTree> units = new ArrayList<>();
            task.parse().forEach(units::add);
            task.analyze();
            return new DesignBuilder(task).design(units);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** What the compiler alone does before a design can be made of it, to compare with. */
    public int compileOnly(List<SourceFile> sources) {
        JavacTask task = task(sources);
        try {
            task.parse();
            int found = 0;
            for (var element : task.analyze()) {
                found += element == null ? 0 : 1;
            }
            return found;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private JavacTask task(List<SourceFile> sources) {
        return task(sources, new MemoryFiles(platform), new DiagnosticCollector<>());
    }

    private JavacTask task(List<SourceFile> sources, MemoryFiles files, DiagnosticCollector<JavaFileObject> collector) {
        List<MemoryFiles.Source> units =
                sources.stream().map(MemoryFiles.Source::new).toList();
        return (JavacTask) compiler.getTask(Writer.nullWriter(), files, collector, OPTIONS, null, units);
    }

    private Reading read(List<SourceFile> sources, List<CheckReport.Diagnostic> remarks) {
        DiagnosticCollector<JavaFileObject> collector = new DiagnosticCollector<>();
        MemoryFiles files = new MemoryFiles(platform);
        JavacTask task = task(sources, files, collector);
        try {
            List<CompilationUnitTree> units = new ArrayList<>();
            task.parse().forEach(units::add);
            task.analyze();
            List<CheckReport.Diagnostic> errors = errors(collector);
            List<SourceFile> completed = KnownImports.added(sources, errors);
            Design design = completed.isEmpty() ? new DesignBuilder(task).design(units) : design(completed);
            if (errors.isEmpty()) {
                task.generate();
                errors = errors(collector);
            }
            remarks.addAll(0, errors.stream().limit(MOST_ERRORS).toList());
            boolean compiled = errors.isEmpty();
            return new Reading(design, compiled, List.copyOf(remarks), compiled ? files.classes() : Map.of());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String said(Diagnostic<? extends JavaFileObject> d) {
        String message = d.getMessage(Locale.ENGLISH);
        return "compiler.err.duplicate.class".equals(d.getCode())
                ? message + ". The class stands twice in this submission; hand in one of the two."
                : message;
    }

    private static List<CheckReport.Diagnostic> errors(DiagnosticCollector<JavaFileObject> collector) {
        return collector.getDiagnostics().stream()
                .filter(d -> d.getKind() == Diagnostic.Kind.ERROR)
                .map(d -> new CheckReport.Diagnostic(
                        d.getSource() instanceof MemoryFiles.Source s
                                ? s.path()
                                : d.getSource() == null
                                        ? ""
                                        : d.getSource().getName().replaceFirst("^/", ""),
                        (int) Math.max(0, d.getLineNumber()),
                        said(d)))
                .distinct()
                .toList();
    }
}
