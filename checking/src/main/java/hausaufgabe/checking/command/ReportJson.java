package hausaufgabe.checking.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.checking.Json;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** A report in the shape that the check command promises. */
final class ReportJson {

    private static final Pattern TYPE_NAME =
            Pattern.compile("[\\p{L}_$][\\p{L}\\p{N}_$]*(\\.[\\p{L}\\p{N}_$]+)*(<.*>)?( \\(.*\\))?");

    private ReportJson() {}

    static ObjectNode of(String submission, CheckReport report) {
        ObjectNode node = Json.mapper().createObjectNode();
        node.put("submission", submission);
        node.put("compiled", report.compiled());
        ArrayNode diagnostics = node.putArray("diagnostics");
        report.diagnostics()
                .forEach(d -> diagnostics
                        .addObject()
                        .put("file", d.file())
                        .put("line", d.line())
                        .put("message", d.message()));
        node.put("verdict", report.verdict().word());
        node.put("form", report.form());
        types(node.putObject("roles"), report.roles());
        names(node.putObject("members"), report.members());
        node.put("ambiguous", report.ambiguous());
        ArrayNode requirements = node.putArray("requirements");
        report.findings().forEach(f -> finding(requirements.addObject(), f));
        ArrayNode scenarios = node.putArray("scenarios");
        report.scenarios().forEach(s -> scenario(scenarios.addObject(), s));
        node.putObject("points")
                .put("earned", report.points().earned())
                .put("possible", report.points().possible());
        node.putObject("milliseconds")
                .put("read", report.timing().read())
                .put("match", report.timing().match())
                .put("run", report.timing().run())
                .put("total", report.timing().total());
        return node;
    }

    /** What the submission itself has: an abstraction that nobody wrote down has no name there, only words of ours. */
    private static void types(ObjectNode into, Map<String, List<String>> names) {
        names.forEach((role, all) -> {
            ArrayNode types = into.putArray(role);
            all.stream().filter(n -> TYPE_NAME.matcher(n).matches()).forEach(types::add);
        });
    }

    private static void names(ObjectNode into, Map<String, List<String>> names) {
        names.forEach((name, all) -> all.forEach(into.putArray(name)::add));
    }

    private static void finding(ObjectNode into, Finding f) {
        into.put("id", f.id())
                .put("text", f.text().plain())
                .put("status", f.status().word())
                .put("essential", f.essential())
                .put("explanation", f.explanation().plain());
        ArrayNode evidence = into.putArray("evidence");
        f.evidence()
                .forEach(e -> evidence.addObject()
                        .put("file", e.file())
                        .put("line", e.line())
                        .put("endLine", e.endLine())
                        .put("note", e.note()));
    }

    private static void scenario(ObjectNode into, ScenarioResult s) {
        into.put("name", s.name())
                .put("status", s.outcome().word())
                .put("explanation", s.explanation().plain())
                .put("milliseconds", s.milliseconds());
    }
}
