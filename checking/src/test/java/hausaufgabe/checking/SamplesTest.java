package hausaufgabe.checking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.Limits;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.checking.sandbox.DrivenProcesses;
import hausaufgabe.checking.sandbox.Sandbox;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.language.java.JavaReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every sample in the repository, read, matched and run in the sandbox, against what stands beside it. */
class SamplesTest {

    private static final Path SAMPLES = Path.of("../samples/strategy");
    private static final Sandbox SANDBOX = new Sandbox(Sandbox.Bounds.USUAL);
    private static final Check CHECK = new Check(new JavaReader(), i -> new DrivenProcesses(SANDBOX, i));

    static List<String> samples() throws IOException {
        try (Stream<Path> folders = Files.list(SAMPLES)) {
            return folders.filter(Files::isDirectory)
                    .map(f -> f.getFileName().toString())
                    .sorted(Comparator.naturalOrder())
                    .toList();
        }
    }

    @ParameterizedTest
    @MethodSource("samples")
    void aSampleGetsTheReportAPersonWouldGive(String name) throws Exception {
        JsonNode expected =
                Json.mapper().readTree(SAMPLES.resolve(name + ".expected.json").toFile());
        Upload upload = new Archive(p -> p.endsWith(".java"), Limits.USUAL).read(SAMPLES.resolve(name));

        CheckReport report = CHECK.run(
                new CheckRequest(
                        Catalogue.text("strategy").orElseThrow(),
                        upload.sources(),
                        upload.remarks(),
                        Map.of(),
                        false,
                        CheckRequest.Isolation.SANDBOX),
                step -> {});

        assertEquals(expected.toPrettyString(), summary(report).toPrettyString());
    }

    @Test
    void thereAreSamplesOfEveryFormAndOfBothKinds() throws Exception {
        List<String> names = samples();

        assertTrue(names.size() >= 30);
        assertTrue(names.stream().filter(n -> n.compareTo("20") < 0).count() >= 15);
    }

    private static ObjectNode summary(CheckReport r) {
        ObjectNode node = Json.mapper().createObjectNode();
        node.put("compiled", r.compiled());
        node.put("verdict", r.verdict().word());
        node.put("form", r.form());
        node.set("roles", Json.mapper().valueToTree(r.roles()));
        node.set("members", Json.mapper().valueToTree(r.members()));
        ObjectNode requirements = node.putObject("requirements");
        r.findings().forEach(f -> requirements.put(f.id(), f.status().word()));
        ObjectNode scenarios = node.putObject("scenarios");
        r.scenarios().forEach(s -> scenarios.put(s.name(), s.outcome().word()));
        return node;
    }
}
