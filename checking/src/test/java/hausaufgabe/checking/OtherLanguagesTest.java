package hausaufgabe.checking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;

import hausaufgabe.checking.archive.SourceFiles;
import hausaufgabe.checking.sandbox.DrivenProcesses;
import hausaufgabe.checking.sandbox.ReadyProcesses;
import hausaufgabe.checking.sandbox.Sandbox;
import hausaufgabe.checking.sandbox.node.NodeRuntime;
import hausaufgabe.checking.sandbox.python.PythonRuntime;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.language.javascript.JavaScriptLanguage;
import hausaufgabe.language.python.PythonLanguage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Programs in Python, JavaScript and TypeScript as students write them, read and run. The folder's name begins with the pattern;
 * what a person says is wrong stands in {@link #WRONG}.
 */
@Tag("slow")
class OtherLanguagesTest {

    private static final List<Path> FOLDERS = List.of(
            Path.of("../languages/python/src/test/resources/hausaufgabe/language/python"),
            Path.of("../languages/javascript/src/test/resources/hausaufgabe/language/javascript"));

    private static final Set<String> WRONG = Set.of(
            "chain-of-responsibility-ends",
            "command-macro-order",
            "composite-forgets-the-last",
            "composite-sum-forgets",
            "delegation-loses",
            "factory-client-again",
            "factory-null",
            "null-object-does",
            "observer-array-cleared",
            "observer-cannot-leave",
            "observer-forgets",
            "observer-never-told",
            "singleton-begins-anew",
            "singleton-counter",
            "singleton-decorated-anew",
            "singleton-every-time",
            "singleton-open",
            "strategy-asks-the-kind",
            "strategy-if-else",
            "strategy-ignored",
            "strategy-switch",
            "strategy-switch-left",
            "template-copied",
            "template-method-copied",
            "visitor-dispatch-forgets",
            "visitor-union-forgets",
            "visitor-union-own-switch",
            "visitor-wrong",
            "visitor-wrong-operation");

    /** A person finds these wrong; that the last part overwrites what the others said is not seen yet. */
    private static final Set<String> NOT_SEEN = Set.of("composite-last");

    private static final List<ReadyProcesses> SUPPLIES = List.of(
            new ReadyProcesses(new Sandbox(new PythonRuntime()), 1),
            new ReadyProcesses(new Sandbox(new NodeRuntime()), 1));

    private static final Check CHECK = new Check(List.of(
            new RunLanguage(new PythonLanguage(), i -> new DrivenProcesses(SUPPLIES.get(0), i), List.of()),
            new RunLanguage(JavaScriptLanguage.typed(), i -> new DrivenProcesses(SUPPLIES.get(1), i), List.of()),
            new RunLanguage(JavaScriptLanguage.plain(), i -> new DrivenProcesses(SUPPLIES.get(1), i), List.of())));

    @AfterAll
    static void noneIsKeptReady() {
        SUPPLIES.forEach(ReadyProcesses::close);
    }

    static Stream<Path> programs() throws IOException {
        List<Path> all = new ArrayList<>();
        for (Path folder : FOLDERS) {
            try (Stream<Path> found = Files.list(folder)) {
                found.sorted().forEach(all::add);
            }
        }
        return all.stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("programs")
    void aProgramIsJudgedAsAPersonDoes(Path program) throws IOException {
        String name = program.getFileName().toString();
        CheckReport report = check(program, name);

        if (WRONG.contains(name)) {
            assertEquals(CheckReport.Verdict.FAULTED, report.verdict(), () -> said(report));
        } else if (NOT_SEEN.contains(name)) {
            assertFalse(report.findings().isEmpty());
        } else {
            assertEquals(CheckReport.Verdict.ACCEPTED, report.verdict(), () -> said(report));
        }
    }

    private static CheckReport check(Path program, String name) throws IOException {
        List<SourceFile> sources = new ArrayList<>();
        try (Stream<Path> found = Files.walk(program)) {
            for (Path p :
                    found.filter(x -> SourceFiles.isRead(x.toString())).sorted().toList()) {
                sources.add(new SourceFile(program.relativize(p).toString(), Files.readString(p)));
            }
        }
        String pattern = new TreeSet<>(Catalogue.ids())
                .descendingSet().stream()
                        .filter(id -> name.startsWith(id))
                        .findFirst()
                        .orElse(name.startsWith("template") ? "template-method" : "polymorphic-factory");
        return CHECK.run(
                new CheckRequest(
                        Catalogue.text(pattern).orElseThrow(),
                        sources,
                        List.of(),
                        Map.of(),
                        false,
                        CheckRequest.Isolation.SANDBOX),
                step -> {});
    }

    private static String said(CheckReport report) {
        List<String> all = new ArrayList<>();
        report.findings()
                .forEach(f -> all.add(
                        f.status() + " " + f.id() + ": " + f.explanation().plain()));
        report.scenarios()
                .forEach(s -> all.add(
                        s.outcome() + " " + s.name() + ": " + s.explanation().plain()));
        return String.join("\n", all);
    }
}
