package hausaufgabe.checking.command;

import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import java.util.Locale;

/** A report for reading at a terminal. */
final class ReportText {

    private ReportText() {}

    static String of(String submission, CheckReport report) {
        StringBuilder text = new StringBuilder();
        text.append(submission).append(": ").append(report.verdict().word());
        text.append(String.format(
                java.util.Locale.ROOT,
                ", %s of %s points proposed%n",
                number(report.points().earned()),
                number(report.points().possible())));
        report.diagnostics()
                .forEach(d -> text.append("  ")
                        .append(d.file().isEmpty() ? "" : d.file() + (d.line() > 0 ? ":" + d.line() : "") + ": ")
                        .append(d.message().strip().replace("\n", "\n      "))
                        .append("\n"));
        report.roles()
                .forEach((role, types) -> text.append("  ")
                        .append(role)
                        .append(": ")
                        .append(types.isEmpty() ? "not found" : String.join(", ", types))
                        .append("\n"));
        if (report.ambiguous()) {
            text.append("  as well possible: ")
                    .append(String.join("; ", report.alternatives()))
                    .append("\n");
        }
        report.instances().forEach(i -> text.append("  once more: ").append(i).append("\n"));
        report.findings().forEach(f -> finding(text, f));
        report.remarks()
                .forEach(f -> text.append(String.format(
                        "  %-15s%s %s%n",
                        "remark", f.text().plain(), f.explanation().plain())));
        report.scenarios().forEach(s -> scenario(text, s));
        report.health()
                .forEach(h -> text.append(String.format(
                        "  %-15s%s: %s%d%n",
                        "counted", h.name(), h.before() == null ? "" : h.before() + " before, now ", h.after())));
        return text.toString();
    }

    private static void finding(StringBuilder text, Finding f) {
        text.append(String.format("  %-15s%s%n", f.status().word(), f.text().plain()));
        text.append(String.format("  %-15s  %s", "", f.explanation().plain()));
        f.evidence().stream()
                .limit(3)
                .forEach(e -> text.append(" [")
                        .append(e.file())
                        .append(':')
                        .append(e.line())
                        .append(']'));
        text.append("\n");
    }

    private static void scenario(StringBuilder text, ScenarioResult s) {
        text.append(String.format("  %-15s%s%n", s.outcome().word(), s.name()));
        text.append(String.format("  %-15s  %s%n", "", s.explanation().plain()));
        if (s.outcome() != ScenarioResult.Outcome.PASSED) {
            s.steps()
                    .forEach(l -> text.append(String.format(
                            "  %-15s    %s%-9s %s%s%n",
                            "",
                            "  ".repeat(l.depth()),
                            l.depth() > 0 ? "" : l.kind().name().toLowerCase(Locale.ROOT),
                            l.text().plain(),
                            l.good() == null ? "" : l.good() ? " (held)" : " (did not hold)")));
        }
    }

    private static String number(double d) {
        return d == Math.rint(d) ? String.valueOf((long) d) : String.valueOf(d);
    }
}
