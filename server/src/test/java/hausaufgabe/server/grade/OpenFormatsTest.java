package hausaufgabe.server.grade;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import hausaufgabe.checking.Check;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.ScenarioResult;
import hausaufgabe.core.report.Sentence;
import hausaufgabe.language.java.JavaLanguage;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;

/** Reports as other tools read them. */
class OpenFormatsTest {

    private static final String LACKING = """
            interface Fee { double of(double m); }
            class ByMetre implements Fee { public double of(double m) { return m * 2; } }
            class Office { private final Fee fee = new ByMetre(); double bill(double m) { return fee.of(m); } }
            """;

    private static CheckReport report() {
        CheckRequest request = new CheckRequest(
                Catalogue.text("strategy").orElseThrow(),
                List.of(new SourceFile("quay side/Büro.java", LACKING)),
                List.of(),
                Map.of(),
                true,
                CheckRequest.Isolation.PROCESS);
        return new Check(
                        new JavaLanguage(),
                        isolation -> {
                            throw new IllegalStateException("nothing is run in this test");
                        },
                        List.of())
                .run(request, step -> {});
    }

    @Test
    void everyClaimIsAResultWithItsLines() {
        CheckReport report = report();
        JsonNode log = OpenFormats.sarif(report, new ObjectMapper());
        JsonNode run = log.at("/runs/0");

        assertEquals("2.1.0", log.get("version").asText());
        assertEquals(report.findings().size(), run.get("results").size());
        List<String> levels = new ArrayList<>();
        for (JsonNode r : run.get("results")) {
            JsonNode rule = run.at("/tool/driver/rules").get(r.get("ruleIndex").asInt());
            assertEquals(rule.get("id"), r.get("ruleId"));
            levels.add(r.get("level").asText());
            // what does not fail has no level, as the standard wants it
            assertEquals(
                    !"fail".equals(r.get("kind").asText()),
                    "none".equals(r.get("level").asText()));
            for (JsonNode l : r.get("locations")) {
                assertEquals(
                        "quay%20side/B%C3%BCro.java",
                        l.at("/physicalLocation/artifactLocation/uri").asText());
                assertTrue(l.at("/physicalLocation/region/startLine").asInt() > 0);
            }
        }
        assertTrue(levels.contains("error") && levels.contains("none"), levels.toString());
    }

    @Test
    void everyRunIsACaseWhateverItPrinted() throws Exception {
        List<ScenarioResult> runs = List.of(
                run("It <answers> & counts", ScenarioResult.Outcome.PASSED, ""),
                run("It stops", ScenarioResult.Outcome.FAILED, "It printed \u0000\u001b[31m \uD83D\uDEA2 “no”."),
                run("It cannot be run", ScenarioResult.Outcome.BLOCKED, "Nobody plays the context."));

        byte[] xml = OpenFormats.junit("What a berth costs", runs);

        Document read =
                DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(new ByteArrayInputStream(xml));
        Element suite = read.getDocumentElement();
        assertEquals("3", suite.getAttribute("tests"));
        assertEquals("1", suite.getAttribute("failures"));
        assertEquals("1", suite.getAttribute("skipped"));
        Element first = (Element) suite.getElementsByTagName("testcase").item(0);
        assertEquals("It <answers> & counts", first.getAttribute("name"));
        assertEquals("1.250", first.getAttribute("time"));
        Element failure = (Element) suite.getElementsByTagName("failure").item(0);
        assertTrue(failure.getAttribute("message").contains("\uD83D\uDEA2 “no”"));
    }

    private static ScenarioResult run(String name, ScenarioResult.Outcome outcome, String why) {
        return new ScenarioResult(name, outcome, Sentence.words(why), List.of(), null, null, 1, 0, 1_250);
    }
}
