package hausaufgabe.server.submission;

import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.HealthFact;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.Status;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/**
 * What the check of a step found, as far as steps are compared by it.
 *
 * @param error the first thing that the compiler did not like; null where it compiled
 * @param met how many of the claims that are judged hold
 * @param judged how many claims are judged
 * @param green the scenarios and given tests that went well, by name
 * @param red those that did not
 * @param roles names of types by role
 * @param health what can be counted in the code
 */
record StepOutcome(
        boolean compiled,
        @Nullable String error,
        int met,
        int judged,
        List<String> green,
        List<String> red,
        Map<String, List<String>> roles,
        List<HealthFact> health) {

    static StepOutcome of(CheckReport report) {
        return new StepOutcome(
                report.compiled(),
                report.compiled() || report.diagnostics().isEmpty()
                        ? null
                        : said(report.diagnostics().get(0)),
                (int) report.findings().stream()
                        .filter(f -> f.status() == Status.MET)
                        .count(),
                (int) report.findings().stream()
                        .filter(f -> f.status() != Status.NOT_APPLICABLE)
                        .count(),
                named(report, ScenarioResult.Outcome.PASSED),
                named(report, ScenarioResult.Outcome.FAILED),
                new TreeMap<>(report.roles()),
                report.health());
    }

    private static String said(CheckReport.Diagnostic d) {
        return d.line() > 0 ? d.file() + ":" + d.line() + ": " + d.message() : d.message();
    }

    private static List<String> named(CheckReport report, ScenarioResult.Outcome outcome) {
        return report.scenarios().stream()
                .filter(s -> s.outcome() == outcome)
                .map(ScenarioResult::name)
                .toList();
    }
}
