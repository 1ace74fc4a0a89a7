package hausaufgabe.core.toy;

import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.design.Type;
import hausaufgabe.core.language.Reading;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.marking.Marking;
import hausaufgabe.core.matching.Match;
import hausaufgabe.core.matching.RoleMatcher;
import hausaufgabe.core.notation.DesignPattern;
import hausaufgabe.core.report.CheckReport.Verdict;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.scenario.ScenarioRunner;
import java.util.List;
import java.util.Map;

/** A whole check of a toy program, as the checking module does it for real ones. */
public record ToyCheck(Match match, List<ScenarioResult> scenarios, Verdict verdict) {

    public static ToyCheck of(String pattern, String source) {
        return of(Catalogue.pattern(pattern).orElseThrow(), source);
    }

    public static ToyCheck of(DesignPattern pattern, String source) {
        ToyLanguage language = new ToyLanguage();
        Reading reading = language.reader().read(List.of(new SourceFile("Harbour.toy", source)));
        if (!reading.compiled()) {
            throw new IllegalArgumentException(reading.diagnostics().get(0).message());
        }
        Match match = RoleMatcher.match(pattern, reading.design(), null, Map.of());
        try (ScenarioRunner runner = new ScenarioRunner(
                pattern,
                reading.design(),
                match,
                language.reader().ready(reading.program()),
                language,
                ToyDriver.source(),
                () -> 0)) {
            List<ScenarioResult> scenarios = runner.run(name -> {});
            return new ToyCheck(
                    match, scenarios, Marking.verdict(true, !match.cutShort(), match.findings(), scenarios));
        }
    }

    public List<String> role(String role) {
        return match.binding().types(role).stream().map(Type::name).sorted().toList();
    }

    public ScenarioResult scenario(String name) {
        return scenarios.stream().filter(s -> s.name().equals(name)).findFirst().orElseThrow();
    }

    public Finding finding(String id) {
        return match.findings().stream()
                .filter(f -> f.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** All that is not as it should be, for messages. */
    public String problems() {
        StringBuilder said = new StringBuilder(verdict + " " + match.binding().roles());
        match.findings().stream()
                .filter(f -> !f.status().name().matches("MET|NOT_APPLICABLE"))
                .forEach(f -> said.append("\n")
                        .append(f.id())
                        .append(" ")
                        .append(f.status())
                        .append(": ")
                        .append(f.explanation()));
        scenarios.stream()
                .filter(s -> s.outcome() != ScenarioResult.Outcome.PASSED)
                .forEach(s -> said.append("\n")
                        .append(s.name())
                        .append(" ")
                        .append(s.outcome())
                        .append(": ")
                        .append(s.explanation()));
        return said.toString();
    }
}
