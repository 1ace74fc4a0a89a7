package hausaufgabe.server.personal;

import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.Sentence;
import java.util.List;
import java.util.Map;

/** Reports without anything of the program they are about: what was asked, how it stood, and the points. */
final class Anonymous {

    private static final Sentence NOTHING = Sentence.words("");
    private static final String SOMETHING = "…";

    private Anonymous() {}

    static CheckReport of(CheckReport report) {
        return new CheckReport(
                report.pattern(),
                report.compiled(),
                List.of(),
                report.verdict(),
                report.form(),
                Map.of(),
                Map.of(),
                Map.of(),
                false,
                List.of(),
                List.of(),
                List.of(),
                report.findings().stream().map(Anonymous::of).toList(),
                List.of(),
                report.scenarios().stream().map(Anonymous::of).toList(),
                null,
                report.health(),
                null,
                null,
                report.points(),
                report.timing());
    }

    private static Finding of(Finding f) {
        return new Finding(
                f.id(),
                nameless(f.text()),
                f.status(),
                f.essential(),
                f.possible(),
                f.earned(),
                NOTHING,
                List.of(),
                f.runs());
    }

    private static ScenarioResult of(ScenarioResult s) {
        return new ScenarioResult(
                s.name(), s.outcome(), NOTHING, List.of(), null, null, s.possible(), s.earned(), s.milliseconds());
    }

    /** A sentence with roles in the place of names. */
    private static Sentence nameless(Sentence sentence) {
        StringBuilder plain = new StringBuilder();
        sentence.pieces().forEach(p -> plain.append(!p.isCode() ? p.text() : p.role() == null ? SOMETHING : p.role()));
        return Sentence.words(plain.toString());
    }
}
