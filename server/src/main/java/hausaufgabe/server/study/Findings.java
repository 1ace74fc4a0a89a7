package hausaufgabe.server.study;

import hausaufgabe.core.exercise.ExerciseSettings.Shown;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.ClassDiagram;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * What a check found, as far as a student may see it: no points, and nothing that the exercise keeps back.
 *
 * @param form null where no role was found
 * @param scenarios empty where the exercise does not show them
 * @param scenariosShown whether it does
 * @param diagram the submission as a class diagram; null in what was kept from before there was one
 */
record Findings(
        boolean compiled,
        List<CheckReport.Diagnostic> diagnostics,
        @Nullable String form,
        Map<String, List<String>> roles,
        Map<String, List<Evidence>> places,
        List<Finding> findings,
        List<ScenarioResult> scenarios,
        boolean scenariosShown,
        @Nullable ClassDiagram diagram) {

    /**
     * Null where nothing is shown.
     *
     * @param returned whether the work was given back, with which what was found is shown in any case
     */
    static @Nullable Findings of(CheckReport report, Shown shown, boolean returned) {
        if (shown == Shown.NOTHING && !returned) {
            return null;
        }
        boolean runs = shown == Shown.FINDINGS_AND_SCENARIOS;
        return new Findings(
                report.compiled(),
                report.diagnostics(),
                report.form(),
                report.roles(),
                report.places(),
                report.findings().stream()
                        .map(f -> runs ? f : f.spokenForBy(List.of()))
                        .map(f -> f.worth(0, 0))
                        .toList(),
                runs ? report.scenarios().stream().map(s -> s.worth(0, 0)).toList() : List.of(),
                runs,
                report.diagram());
    }
}
