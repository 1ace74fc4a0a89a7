package hausaufgabe.checking.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion.VersionFlag;
import hausaufgabe.checking.Json;
import java.io.File;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

/** What the check command prints is as {@code docs/check-report.schema.json} says, whatever was handed in. */
@Tag("slow")
class ReportSchemaTest {

    private static JsonSchema schema;

    @BeforeAll
    static void readSchema() throws IOException {
        schema = JsonSchemaFactory.getInstance(VersionFlag.V202012)
                .getSchema(Json.mapper().readTree(new File("../docs/check-report.schema.json")));
    }

    private static List<JsonNode> reports(String pattern, Path submissions) throws IOException {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int status = new CommandLine(new CheckCommand())
                .setOut(new PrintWriter(out))
                .setErr(new PrintWriter(err))
                .execute("--pattern", pattern, "--submissions", submissions.toString(), "--json");
        assertEquals(0, status, err.toString());
        return Json.mapper()
                .readerFor(JsonNode.class)
                .<JsonNode>readValues(out.toString())
                .readAll();
    }

    private static void copy(String sample, Path into) throws IOException {
        Path from = Path.of("../samples", sample);
        try (var files = Files.walk(from)) {
            for (Path file : files.toList()) {
                Path to = into.resolve(from.getParent().relativize(file).toString());
                if (Files.isDirectory(file)) {
                    Files.createDirectories(to);
                } else {
                    Files.copy(file, to);
                }
            }
        }
    }

    @Test
    void rightAndWrongBrokenAndEmptyAreReportedAsDescribed(@TempDir Path folder) throws IOException {
        copy("strategy/01-three-rules", folder);
        copy("strategy/20-switch-stayed", folder);
        copy("strategy/25-does-not-compile", folder);
        copy("strategy/26-setter-forgets", folder);
        Files.writeString(
                Files.createDirectory(folder.resolve("99-nothing-of-it")).resolve("Pier.java"), "class Pier {}");

        List<JsonNode> reports = reports("strategy", folder);

        assertEquals(5, reports.size());
        for (JsonNode report : reports) {
            assertEquals(Set.of(), schema.validate(report), report::toString);
        }
        assertTrue(reports.get(4).path("form").isNull(), "nothing of the pattern, so no form");
    }

    @Test
    void whatIsLeftOutOrMadeUpIsSeen(@TempDir Path folder) throws IOException {
        copy("strategy/01-three-rules", folder);
        ObjectNode report = (ObjectNode) reports("strategy", folder).get(0);

        assertFalse(schema.validate(report.deepCopy().put("verdict", "good")).isEmpty());
        assertFalse(schema.validate(report.deepCopy().put("grade", 1)).isEmpty());
        report.remove("points");
        assertFalse(schema.validate(report).isEmpty());
    }
}
