package hausaufgabe.checking;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.design.Operation;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.Matcher;
import hausaufgabe.core.notation.Pattern;
import hausaufgabe.core.notation.PatternParser;
import hausaufgabe.core.reading.LanguageReader;
import hausaufgabe.core.reading.Reading;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import hausaufgabe.core.report.CheckReport.Timing;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.scenario.Driver;
import hausaufgabe.core.scenario.Program;
import hausaufgabe.core.scenario.ScenarioRunner;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;

/** One check from start to end, in the process it is called in. */
public final class Check {

    private static final long MATCHING_MILLISECONDS = 5_000;

    private final LanguageReader reader;
    private final Function<CheckRequest.Isolation, Driver.Source> drivers;

    /** @param drivers opens a source of driven processes for one submission */
    public Check(LanguageReader reader, Function<CheckRequest.Isolation, Driver.Source> drivers) {
        this.reader = reader;
        this.drivers = drivers;
    }

    /**
     * @param progress told what is being done
     * @throws hausaufgabe.core.notation.NotationException where the pattern's text is none
     */
    public CheckReport run(CheckRequest request, Consumer<String> progress) {
        long start = now();
        Pattern pattern = PatternParser.parse(request.pattern());
        progress.accept(
                "Reading " + request.sources().size() + (request.sources().size() == 1 ? " file" : " files"));
        Reading reading = reader.read(request.sources());
        long read = now();

        Design starter = request.starter().isEmpty()
                ? null
                : reader.read(request.starter()).design();
        progress.accept("Finding the roles");
        Match match = Matcher.match(
                pattern, reading.design(), starter, request.pins(), () -> now() - read > MATCHING_MILLISECONDS);
        long matched = now();

        List<ScenarioResult> scenarios = scenarios(request, pattern, reading, match, progress);
        long end = now();
        List<Diagnostic> diagnostics = new ArrayList<>(reading.diagnostics());
        diagnostics.addAll(request.remarks());
        if (match.outOfTime()) {
            diagnostics.add(new Diagnostic(
                    "",
                    0,
                    "the search for the roles stopped after " + MATCHING_MILLISECONDS / 1000
                            + " s; there may be a better reading"));
        }
        return new CheckReport(
                pattern.id(),
                reading.compiled(),
                diagnostics,
                Marking.verdict(reading.compiled(), match.findings(), scenarios),
                match.binding().roles().isEmpty() ? null : match.form().name(),
                roles(pattern, match),
                members(pattern, match),
                places(pattern, match),
                match.ambiguous(),
                match.alternatives(),
                match.instances(),
                match.findings(),
                match.remarks(),
                scenarios,
                Marking.points(match.findings(), scenarios),
                new Timing(read - start, matched - read, end - matched, end - start));
    }

    private List<ScenarioResult> scenarios(
            CheckRequest request, Pattern pattern, Reading reading, Match match, Consumer<String> progress) {
        if (request.structureOnly()) {
            return List.of();
        }
        Driver.Source source = drivers.apply(request.isolation());
        Program program = reader.ready(reading.program());
        try (ScenarioRunner runner =
                new ScenarioRunner(pattern, reading.design(), match, program, source, Check::now)) {
            return reading.compiled()
                    ? runner.run(name -> progress.accept("Running: " + name))
                    : runner.blocked("The program does not compile, so it cannot be run.");
        }
    }

    private static Map<String, List<String>> roles(Pattern pattern, Match match) {
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

    private static Map<String, List<String>> members(Pattern pattern, Match match) {
        Map<String, List<String>> members = new LinkedHashMap<>();
        Map<String, String> owners = match.binding().roles().values().stream()
                .flatMap(List::stream)
                .collect(Collectors.toMap(Type::id, Type::name, (a, b) -> a));
        pattern.members().stream().filter(Pattern.Member::listed).forEach(m -> {
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
    private static String owner(Operation o, Pattern.Member m, Match match, Map<String, String> owners) {
        String id = o.owner();
        return owners.containsKey(id)
                ? owners.get(id)
                : match.binding().type(m.owner()).map(Type::name).orElse(id);
    }

    private static Map<String, List<Evidence>> places(Pattern pattern, Match match) {
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
