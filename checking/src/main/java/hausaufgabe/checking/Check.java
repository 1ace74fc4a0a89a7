package hausaufgabe.checking;

import hausaufgabe.core.catalogue.Patterns;
import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.driver.Driver;
import hausaufgabe.core.driver.Program;
import hausaufgabe.core.language.Language;
import hausaufgabe.core.language.LanguageReader;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.language.SourceReader;
import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.marking.PointScheme;
import hausaufgabe.core.matching.ClassDiagrams;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.PatternSetMatcher;
import hausaufgabe.core.matching.analysis.CodeHealth;
import hausaufgabe.core.matching.analysis.NameFreePrint;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.notation.PatternSet;
import hausaufgabe.core.notation.Run;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import hausaufgabe.core.report.CheckReport.Timing;
import hausaufgabe.core.report.Demonstration;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.ScenarioResult.Outcome;
import hausaufgabe.core.scenario.RunEvidence;
import hausaufgabe.core.scenario.ScenarioRunner;
import hausaufgabe.core.scenario.wholerun.GivenTests;
import hausaufgabe.core.scenario.wholerun.WholeRuns;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** One check from start to end, in the process it is called in. */
public final class Check {

    private static final String NOT_COMPILED = "The program does not compile, so it cannot be run.";
    private static final int PATTERNS = 20;

    private final List<RunLanguage> languages;
    private final Map<String, PatternSet> patterns = new ConcurrentHashMap<>();

    /**
     * @param language the one that submissions are written in
     * @param drivers opens a source of driven processes for one submission
     * @param testLibraries what test classes are compiled with
     */
    public Check(Language language, Function<CheckRequest.Isolation, Driver.Source> drivers, List<Path> testLibraries) {
        this(List.of(new RunLanguage(language, drivers, testLibraries)));
    }

    /** @param languages those that submissions are written in; of one that holds several, the first of these is meant */
    public Check(List<RunLanguage> languages) {
        this.languages = List.copyOf(languages);
    }

    /**
     * @param progress told what is being done
     * @throws hausaufgabe.core.notation.NotationException where the pattern's text is none
     */
    public CheckReport run(CheckRequest request, Consumer<String> progress) {
        long start = now();
        PatternSet set = parsed(request.pattern());
        List<DesignPattern> patterns = set.asJudged();
        progress.accept(
                "Reading " + request.sources().size() + (request.sources().size() == 1 ? " file" : " files"));
        RunLanguage spoken = languageOf(request.sources());
        LanguageReader reads = spoken.language().reader();
        Reading reading = reads.read(of(reads, request.sources()));
        long read = now();

        Reading handedOut = request.starter().isEmpty() ? null : reads.read(of(reads, request.starter()));
        Design starter = handedOut == null ? null : handedOut.design();
        progress.accept("Finding the roles");
        List<Match> matches = PatternSetMatcher.match(patterns, reading.design(), starter, request.pins());
        long matched = now();

        List<Ran> ran = request.structureOnly()
                ? patterns.stream().map(p -> new Ran(List.of(), null)).toList()
                : runs(request, patterns, reading, handedOut, matches, hindrance(reading), spoken, progress);
        List<ScenarioResult> scenarios = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        for (int i = 0; i < patterns.size(); i++) {
            PointScheme scheme = PointScheme.of(patterns.get(i));
            List<ScenarioResult> results = scheme.sharedBy(ran.get(i).results());
            scenarios.addAll(results);
            findings.addAll(scheme.sharedAmong(
                    RunEvidence.settled(patterns.get(i), matches.get(i).findings(), results)));
        }
        long end = now();
        boolean cutShort = matches.stream().anyMatch(Match::cutShort);
        return new CheckReport(
                set.id(),
                reading.compiled(),
                diagnostics(request, reading, cutShort),
                Marking.verdict(reading.compiled(), !cutShort, findings, scenarios),
                form(matches),
                merged(patterns, matches, Check::roles),
                merged(patterns, matches, Check::members),
                merged(patterns, matches, Check::places),
                matches.stream().anyMatch(Match::ambiguous),
                all(matches, Match::alternatives),
                all(matches, Match::near),
                all(matches, Match::instances),
                List.copyOf(findings),
                all(matches, Match::remarks),
                List.copyOf(scenarios),
                ran.stream()
                        .map(Ran::demonstration)
                        .filter(Objects::nonNull)
                        .findFirst()
                        .orElse(null),
                CodeHealth.of(reading.design(), starter),
                ClassDiagrams.of(reading.design(), patterns, matches),
                NameFreePrint.of(reading.design(), starter, spoken.language()::isReserved),
                Marking.points(findings, scenarios),
                new Timing(read - start, matched - read, end - matched, end - start));
    }

    /** The language that sources are written in; the first where that cannot be told. */
    private RunLanguage languageOf(List<SourceFile> sources) {
        return languages.stream()
                .filter(l ->
                        sources.stream().anyMatch(s -> l.language().reader().reads(s.path())))
                .findFirst()
                .orElse(languages.get(0));
    }

    private static List<SourceFile> of(SourceReader reader, List<SourceFile> sources) {
        return sources.stream().filter(s -> reader.reads(s.path())).toList();
    }

    /** Why nothing can be run; null where it can. */
    private static @Nullable String hindrance(Reading reading) {
        return reading.compiled() ? null : NOT_COMPILED;
    }

    /** What sources declare. */
    public ProgramOutline outline(List<SourceFile> sources) {
        SourceReader reads = languageOf(sources).language().reader();
        Reading reading = reads.read(of(reads, sources));
        List<ProgramOutline.DeclaredType> types = reading.design().types().stream()
                .filter(t -> t.origin() == Type.Origin.DECLARED && t.span() != null)
                .map(t -> new ProgramOutline.DeclaredType(
                        t.name(), word(t.kind()), t.span().file(), t.span().line()))
                .sorted(Comparator.comparing(ProgramOutline.DeclaredType::file)
                        .thenComparing(ProgramOutline.DeclaredType::line))
                .toList();
        return new ProgramOutline(types, reading.compiled() ? List.of() : reading.diagnostics());
    }

    private static String word(Type.Kind kind) {
        return switch (kind) {
            case CLASS -> "class";
            case ABSTRACT_CLASS -> "abstract class";
            case INTERFACE, FUNCTION_TYPE -> "interface";
            case ENUM -> "enum";
            case RECORD -> "record";
        };
    }

    private static List<Diagnostic> diagnostics(CheckRequest request, Reading reading, boolean cutShort) {
        List<Diagnostic> diagnostics = new ArrayList<>(reading.diagnostics());
        diagnostics.addAll(request.remarks());
        request.pins()
                .forEach((role, names) -> names.stream()
                        .filter(name -> reading.design().typesNamed(name).isEmpty())
                        .map(name -> new Diagnostic(
                                "",
                                0,
                                "the exercise asks for a type named " + name + " as " + role + "; there is none"))
                        .forEach(diagnostics::add));
        if (cutShort) {
            diagnostics.add(new Diagnostic(
                    "",
                    0,
                    "this program is too large to look at every way its types may play the roles; what was not found is"
                            + " not decided"));
        }
        return diagnostics;
    }

    /** The forms that were found, as one says them; null where no role was found. */
    private static String form(List<Match> matches) {
        List<String> forms = matches.stream()
                .filter(m -> !m.binding().roles().isEmpty())
                .map(m -> m.form().name())
                .toList();
        return forms.isEmpty() ? null : String.join("; ", forms);
    }

    private static <T> List<T> all(List<Match> matches, Function<Match, List<T>> part) {
        return matches.stream().flatMap(m -> part.apply(m).stream()).toList();
    }

    /** What was found of each pattern, by names of which no two patterns share one. */
    private static <T> Map<String, T> merged(
            List<DesignPattern> patterns, List<Match> matches, BiFunction<DesignPattern, Match, Map<String, T>> part) {
        Map<String, T> merged = new LinkedHashMap<>();
        for (int i = 0; i < patterns.size(); i++) {
            merged.putAll(part.apply(patterns.get(i), matches.get(i)));
        }
        return merged;
    }

    /** One exercise is checked against many submissions, so the last few are kept. */
    private PatternSet parsed(String text) {
        PatternSet known = patterns.get(text);
        if (known == null) {
            known = Patterns.all(text);
            if (patterns.size() >= PATTERNS) {
                patterns.clear();
            }
            patterns.put(text, known);
        }
        return known;
    }

    /** Everything that is run, by pattern: scenarios, the program as a whole, tests that come with the exercise. */
    private List<Ran> runs(
            CheckRequest request,
            List<DesignPattern> patterns,
            Reading reading,
            Reading handedOut,
            List<Match> matches,
            @Nullable String hindrance,
            RunLanguage spoken,
            Consumer<String> progress) {
        Language language = spoken.language();
        LanguageReader reader = language.reader();
        Driver.Source source = spoken.drivers().apply(request.isolation());
        LanguageReader.CompiledTests tested = hindrance == null
                        && !of(reader, request.tests()).isEmpty()
                ? reader.compile(of(reader, request.sources()), of(reader, request.tests()), spoken.testLibraryNames())
                : null;
        Program alone = reader.ready(reading.program());
        Program program = tested == null || tested.program().isEmpty()
                ? alone
                : ProgramWithTests.of(alone, reader.ready(tested.program()), tested.classes());
        WholeRuns.Startable before = hindrance != null || handedOut == null || !handedOut.compiled()
                ? null
                : new WholeRuns.Startable(handedOut.design(), reader.ready(handedOut.program()));
        DesignPattern testing =
                patterns.stream().filter(p -> p.testPoints() > 0).findFirst().orElse(patterns.get(0));
        List<Ran> all = new ArrayList<>();
        for (int i = 0; i < patterns.size(); i++) {
            DesignPattern pattern = patterns.get(i);
            List<ScenarioResult> results = new ArrayList<>();
            Demonstration demonstration;
            try (ScenarioRunner runner = new ScenarioRunner(
                    pattern, reading.design(), matches.get(i), program, language, source, Check::now)) {
                results.addAll(
                        hindrance == null
                                ? runner.run(name -> progress.accept("Running: " + name))
                                : runner.blocked(hindrance));
                demonstration = runner.demonstration();
            }
            WholeRuns whole = new WholeRuns(pattern.limits(), source, Check::now);
            for (Run run : pattern.runs()) {
                progress.accept("Running: " + run.name());
                results.add(
                        hindrance == null
                                ? whole.run(run, new WholeRuns.Startable(reading.design(), program), before)
                                : WholeRuns.blocked(run, hindrance));
            }
            if (pattern.equals(testing) && !request.tests().isEmpty()) {
                progress.accept("Running the tests of the exercise");
                results.addAll(
                        hindrance == null
                                ? tests(pattern, language, tested, source)
                                : GivenTests.none(Outcome.BLOCKED, hindrance, pattern.testPoints()));
            }
            all.add(new Ran(results, demonstration));
        }
        return all;
    }

    /**
     * What came of running.
     *
     * @param demonstration null where the program shows nothing of itself
     */
    private record Ran(List<ScenarioResult> results, Demonstration demonstration) {}

    /** @param tested null where there are no tests for the language */
    private static List<ScenarioResult> tests(
            DesignPattern pattern,
            Language language,
            LanguageReader.@Nullable CompiledTests tested,
            Driver.Source source) {
        if (tested == null) {
            String none = "The exercise has no tests for " + language.name() + ".";
            return GivenTests.none(Outcome.BLOCKED, none, pattern.testPoints());
        }
        return tested.program().isEmpty()
                ? GivenTests.none(
                        Outcome.FAILED,
                        "The tests do not compile with this submission. " + tested.problem(),
                        pattern.testPoints())
                : GivenTests.run(
                        language.reader().ready(tested.program()),
                        tested.classes(),
                        pattern.testPoints(),
                        pattern.limits(),
                        source);
    }

    private static Map<String, List<String>> roles(DesignPattern pattern, Match match) {
        Map<String, List<String>> roles = new LinkedHashMap<>();
        pattern.roles()
                .forEach(r -> roles.put(
                        r.name(),
                        match.binding().types(r.name()).stream()
                                .map(Type::name)
                                .distinct()
                                .toList()));
        return roles;
    }

    private static Map<String, List<String>> members(DesignPattern pattern, Match match) {
        Map<String, List<String>> members = new LinkedHashMap<>();
        Map<String, String> owners = match.binding().roles().values().stream()
                .flatMap(List::stream)
                .collect(Collectors.toMap(Type::id, Type::name, (a, b) -> a));
        pattern.members().stream().filter(DesignPattern.Member::listed).forEach(m -> {
            List<String> names = match.binding().operations(m.name()).stream()
                    .map(o -> owner(o, m, match, owners) + "." + o.name())
                    .distinct()
                    .toList();
            if (names.isEmpty() && m.orElse() != null) {
                names = match.binding().fields(m.orElse()).stream()
                        .map(f -> owners.getOrDefault(f.owner(), f.owner()) + "." + f.name())
                        .toList();
            }
            if (!names.isEmpty() || !m.optional()) {
                members.put(m.name(), names);
            }
        });
        return members;
    }

    /** The type that declares the operation; the role's own type where another one the report does not name declares it. */
    private static String owner(Operation o, DesignPattern.Member m, Match match, Map<String, String> owners) {
        String id = o.owner();
        return owners.containsKey(id)
                ? owners.get(id)
                : match.binding().type(m.owner()).map(Type::name).orElse(id);
    }

    private static Map<String, List<Evidence>> places(DesignPattern pattern, Match match) {
        Map<String, List<Evidence>> places = new LinkedHashMap<>();
        pattern.roles()
                .forEach(r -> places.put(
                        r.name(),
                        match.binding().types(r.name()).stream()
                                .filter(t -> t.span() != null)
                                .map(t -> new Evidence(
                                        t.span().file(),
                                        t.span().line(),
                                        t.span().endLine(),
                                        t.name()))
                                .toList()));
        return places;
    }

    private static long now() {
        return TimeUnit.NANOSECONDS.toMillis(System.nanoTime());
    }
}
