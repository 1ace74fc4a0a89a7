package hausaufgabe.server.grade;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.Evidence;
import hausaufgabe.core.report.Finding;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.Status;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamWriter;
import org.springframework.web.util.UriUtils;

/** A check report in formats that other tools read. */
final class OpenFormats {

    private OpenFormats() {}

    /**
     * The claims of a report as SARIF 2.1.0 (OASIS): each claim is a rule, and a result for it. What is missing is an error, what is
     * partly there a warning, what waits for a person is of the kind {@code review}.
     */
    static ObjectNode sarif(CheckReport report, ObjectMapper mapper) {
        ObjectNode log = mapper.createObjectNode().put("version", "2.1.0");
        ObjectNode run = log.putArray("runs").addObject();
        ObjectNode driver = run.putObject("tool").putObject("driver").put("name", "Hausaufgabe");
        ArrayNode rules = driver.putArray("rules");
        run.put("columnKind", "utf16CodeUnits");
        ArrayNode results = run.putArray("results");
        int index = 0;
        for (Finding f : report.findings()) {
            rules.addObject()
                    .put("id", f.id())
                    .putObject("shortDescription")
                    .put("text", f.text().plain());
            ObjectNode result = results.addObject()
                    .put("ruleId", f.id())
                    .put("ruleIndex", index++)
                    .put("kind", kind(f.status()))
                    .put("level", level(f.status()));
            String why = f.explanation().plain();
            result.putObject("message").put("text", f.text().plain() + (why.isBlank() ? "" : " " + why));
            ArrayNode locations = result.putArray("locations");
            f.evidence().forEach(e -> locate(locations.addObject(), e));
        }
        return log;
    }

    private static String kind(Status status) {
        return switch (status) {
            case MET -> "pass";
            case PARTLY, UNMET -> "fail";
            case UNCLEAR -> "review";
            case NOT_APPLICABLE -> "notApplicable";
        };
    }

    private static String level(Status status) {
        return switch (status) {
            case UNMET -> "error";
            case PARTLY -> "warning";
            case MET, UNCLEAR, NOT_APPLICABLE -> "none";
        };
    }

    private static void locate(ObjectNode location, Evidence e) {
        ObjectNode place = location.putObject("physicalLocation");
        String uri = Arrays.stream(e.file().split("/"))
                .map(part -> UriUtils.encodePathSegment(part, StandardCharsets.UTF_8))
                .collect(Collectors.joining("/"));
        place.putObject("artifactLocation").put("uri", uri);
        if (e.line() > 0) {
            place.putObject("region").put("startLine", e.line()).put("endLine", Math.max(e.line(), e.endLine()));
        }
        if (!e.note().isBlank()) {
            location.putObject("message").put("text", e.note());
        }
    }

    /**
     * Runs as JUnit XML. One that could not be run is skipped, since nobody knows whether it would hold.
     *
     * @param name of the suite
     */
    static byte[] junit(String name, List<ScenarioResult> runs) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            XMLStreamWriter xml = XMLOutputFactory.newFactory().createXMLStreamWriter(bytes, "UTF-8");
            xml.writeStartDocument("UTF-8", "1.0");
            xml.writeStartElement("testsuite");
            xml.writeAttribute("name", printable(name));
            xml.writeAttribute("tests", String.valueOf(runs.size()));
            xml.writeAttribute("failures", count(runs, ScenarioResult.Outcome.FAILED));
            xml.writeAttribute("errors", "0");
            xml.writeAttribute("skipped", count(runs, ScenarioResult.Outcome.BLOCKED));
            xml.writeAttribute(
                    "time",
                    seconds(runs.stream()
                            .mapToLong(ScenarioResult::milliseconds)
                            .sum()));
            for (ScenarioResult s : runs) {
                write(xml, name, s);
            }
            xml.writeEndElement();
            xml.writeEndDocument();
            xml.close();
        } catch (XMLStreamException e) {
            throw new IllegalStateException(e);
        }
        return bytes.toByteArray();
    }

    private static void write(XMLStreamWriter xml, String name, ScenarioResult s) throws XMLStreamException {
        xml.writeStartElement("testcase");
        xml.writeAttribute("classname", printable(name));
        xml.writeAttribute("name", printable(s.name()));
        xml.writeAttribute("time", seconds(s.milliseconds()));
        String why = printable(s.explanation().plain());
        switch (s.outcome()) {
            case FAILED -> {
                xml.writeStartElement("failure");
                xml.writeAttribute("message", why);
                xml.writeCharacters(
                        s.steps().stream().map(l -> printable(l.text().plain())).collect(Collectors.joining("\n")));
                xml.writeEndElement();
            }
            case BLOCKED -> {
                xml.writeStartElement("skipped");
                xml.writeAttribute("message", why);
                xml.writeEndElement();
            }
            case PASSED -> {
                // nothing to say
            }
        }
        xml.writeEndElement();
    }

    private static String count(List<ScenarioResult> runs, ScenarioResult.Outcome outcome) {
        return String.valueOf(runs.stream().filter(s -> s.outcome() == outcome).count());
    }

    private static String seconds(long milliseconds) {
        return String.format(Locale.ROOT, "%.3f", milliseconds / 1000.0);
    }

    /** Without what XML 1.0 cannot hold: a program may print anything. */
    private static String printable(String text) {
        StringBuilder kept = new StringBuilder();
        text.codePoints()
                .map(c -> c == '\t'
                                || c == '\n'
                                || c == '\r'
                                || (c >= 0x20 && c < 0xD800)
                                || (c > 0xDFFF && c < 0xFFFE)
                                || (c > 0xFFFF && c <= 0x10FFFF)
                        ? c
                        : 0xFFFD)
                .forEach(kept::appendCodePoint);
        return kept.toString();
    }
}
