package hausaufgabe.checking;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import hausaufgabe.checking.archive.Archive;
import hausaufgabe.checking.archive.ArchiveLimits;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.checking.sandbox.DrivenProcesses;
import hausaufgabe.checking.sandbox.ReadyProcesses;
import hausaufgabe.checking.sandbox.Sandbox;
import hausaufgabe.checking.sandbox.jvm.JvmRuntime;
import hausaufgabe.core.catalogue.Catalogue;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.language.java.JavaLanguage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Every sample in the repository, read, matched and run in the sandbox, against what stands beside it. */
@Tag("slow")
@Execution(ExecutionMode.CONCURRENT)
class SamplesTest {

    private static final Path SAMPLES = Path.of("../samples");
    private static final String EXPECTED = ".expected.json";
    private static final ReadyProcesses SUPPLY = new ReadyProcesses(new Sandbox(new JvmRuntime()), 2);
    /** A check is for one thread at a time. */
    private static final ThreadLocal<Check> CHECKS = ThreadLocal.withInitial(
            () -> new Check(new JavaLanguage(), i -> new DrivenProcesses(SUPPLY, i), List.of()));

    @AfterAll
    static void noneIsKeptReady() {
        SUPPLY.close();
    }

    static List<String> samples() throws IOException {
        try (Stream<Path> expectations = Files.walk(SAMPLES, 2)) {
            return expectations
                    .map(f -> SAMPLES.relativize(f).toString())
                    .filter(f -> f.endsWith(EXPECTED))
                    .map(f -> f.substring(0, f.length() - EXPECTED.length()))
                    .sorted(Comparator.naturalOrder())
                    .toList();
        }
    }

    private static String patternOf(String sample) {
        return Path.of(sample).getName(0).toString();
    }

    @ParameterizedTest
    @MethodSource("samples")
    void aSampleGetsTheReportAPersonWouldGive(String name) throws Exception {
        JsonNode expected =
                Json.mapper().readTree(SAMPLES.resolve(name + EXPECTED).toFile());
        Upload upload = new Archive(p -> p.endsWith(".java"), ArchiveLimits.USUAL).read(SAMPLES.resolve(name));

        CheckReport report = CHECKS.get()
                .run(
                        new CheckRequest(
                                Catalogue.text(patternOf(name)).orElseThrow(),
                                upload.sources(),
                                upload.remarks(),
                                Map.of(),
                                false,
                                CheckRequest.Isolation.SANDBOX),
                        step -> {});

        assertEquals(expected.toPrettyString(), summary(report).toPrettyString());
    }

    /** Five that are correct and five that are not, at the least, for each pattern. */
    @Test
    void thereAreSamplesOfBothKindsForEveryPattern() throws Exception {
        for (String pattern : Catalogue.ids()) {
            Map<String, Long> verdicts = new HashMap<>();
            for (String sample : samples()) {
                if (patternOf(sample).equals(pattern)) {
                    JsonNode expected = Json.mapper()
                            .readTree(SAMPLES.resolve(sample + EXPECTED).toFile());
                    verdicts.merge(expected.path("verdict").asText(), 1L, Long::sum);
                }
            }
            assertTrue(verdicts.getOrDefault("accepted", 0L) >= 5, pattern + " " + verdicts);
            assertTrue(verdicts.getOrDefault("faulted", 0L) >= 5, pattern + " " + verdicts);
        }
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
