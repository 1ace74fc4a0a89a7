package hausaufgabe.language.java;

import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.util.JavacTask;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.reading.LanguageReader;
import hausaufgabe.core.reading.Program;
import hausaufgabe.core.reading.Reading;
import hausaufgabe.core.reading.SourceFile;
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
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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

    private static final Pattern PACKAGE = Pattern.compile("^\\s*package\\s+([\\w.]+)\\s*;", Pattern.MULTILINE);

    private static final Pattern TEST_LIBRARY = Pattern.compile(
            "^\\s*import\\s+(static\\s+)?(org\\.junit|junit\\.|org\\.mockito|org\\.assertj|org\\.hamcrest)",
            Pattern.MULTILINE);

    private final JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    private final JavaFileManager platform =
            new PlatformFiles(compiler.getStandardFileManager(null, Locale.ROOT, StandardCharsets.UTF_8));

    @Override
    public boolean reads(String path) {
        return path.endsWith(".java");
    }

    @Override
    public Reading read(List<SourceFile> sources) {
        List<CheckReport.Diagnostic> remarks = new ArrayList<>();
        List<MemoryFiles.Source> used = new ArrayList<>();
        for (SourceFile s : sources) {
            if (s.path().endsWith("module-info.java")) {
                remarks.add(new CheckReport.Diagnostic(s.path(), 0, "left out: modules are not needed here"));
            } else if (TEST_LIBRARY.matcher(s.text()).find()) {
                remarks.add(new CheckReport.Diagnostic(
                        s.path(), 0, "left out: it needs a test library, which is not here"));
            } else {
                used.add(new MemoryFiles.Source(s));
            }
        }
        if (used.isEmpty()) {
            remarks.add(new CheckReport.Diagnostic("", 0, "there is no source file to read"));
            return new Reading(new Design(List.of(), List.of(), List.of()), false, remarks, Map.of());
        }
        return read(used, remarks);
    }

    @Override
    public Tested compile(List<SourceFile> sources, List<SourceFile> tests, List<String> libraries) {
        List<SourceFile> all = new ArrayList<>();
        sources.stream()
                .filter(s -> !s.path().endsWith("module-info.java"))
                .filter(s -> !TEST_LIBRARY.matcher(s.text()).find())
                .forEach(all::add);
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
            return new Tested(compiled ? files.classes() : Map.of(), namesOf(tests), problem);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The types that the tests' files are named after. */
    private static List<String> namesOf(List<SourceFile> tests) {
        return tests.stream()
                .map(t -> {
                    Matcher pack = PACKAGE.matcher(t.text());
                    String file =
                            t.path().substring(t.path().lastIndexOf('/') + 1).replaceFirst("\\.java$", "");
                    return (pack.find() ? pack.group(1) + "." : "") + file;
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
        List<MemoryFiles.Source> files =
                sources.stream().map(MemoryFiles.Source::new).toList();
        return (JavacTask) compiler.getTask(
                Writer.nullWriter(), new MemoryFiles(platform), new DiagnosticCollector<>(), OPTIONS, null, files);
    }

    private Reading read(List<MemoryFiles.Source> sources, List<CheckReport.Diagnostic> remarks) {
        DiagnosticCollector<JavaFileObject> collector = new DiagnosticCollector<>();
        MemoryFiles files = new MemoryFiles(platform);
        JavacTask task = (JavacTask) compiler.getTask(Writer.nullWriter(), files, collector, OPTIONS, null, sources);
        try {
            List<CompilationUnitTree> units = new ArrayList<>();
            task.parse().forEach(units::add);
            task.analyze();
            Design design = new DesignBuilder(task).design(units);
            List<CheckReport.Diagnostic> errors = errors(collector);
            if (errors.isEmpty()) {
                task.generate();
                errors = errors(collector);
            }
            remarks.addAll(0, errors);
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
                .limit(100)
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
