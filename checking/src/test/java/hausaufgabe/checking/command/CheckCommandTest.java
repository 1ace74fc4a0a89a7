package hausaufgabe.checking.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import com.fasterxml.jackson.databind.JsonNode;
import hausaufgabe.checking.Json;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

@Tag("slow")
class CheckCommandTest {

    private static final String SAMPLES = "../samples/strategy";

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    @Test
    void printsOneObjectASubmissionInTheShapeThatIsPromised() throws Exception {
        int status = run("--pattern", "strategy", "--submission", SAMPLES + "/01-three-rules", "--json");

        JsonNode node = Json.mapper().readTree(out.toString());
        assertEquals(0, status, err.toString());
        List<String> fields = new ArrayList<>();
        node.fieldNames().forEachRemaining(fields::add);
        assertEquals(
                List.of(
                        "submission",
                        "compiled",
                        "diagnostics",
                        "verdict",
                        "form",
                        "roles",
                        "members",
                        "ambiguous",
                        "requirements",
                        "scenarios",
                        "points",
                        "milliseconds"),
                fields);
        assertEquals("01-three-rules", node.path("submission").asText());
        assertEquals("[\"HarbourOffice\"]", node.at("/roles/Context").toString());
        assertEquals("[\"BerthFee.amountFor\"]", node.at("/members/execute").toString());
        assertTrue(node.at("/requirements/0/essential").isBoolean());
        assertEquals(
                "src/BerthFee.java", node.at("/requirements/0/evidence/0/file").asText());
        assertEquals("passed", node.at("/scenarios/0/status").asText());
        assertTrue(node.at("/milliseconds/total").isNumber());
    }

    @Test
    void checksEveryFolderOfAFolderInTheOrderOfNames(@TempDir Path folder) throws Exception {
        for (String name : List.of("b", "a")) {
            Files.createDirectories(folder.resolve(name));
            Files.writeString(folder.resolve(name).resolve("Ship.java"), "class Ship {}");
        }
        Files.createDirectories(folder.resolve("c-empty"));

        int status = run("--pattern", "strategy", "--submissions", folder.toString(), "--json", "--structure-only");

        List<String> lines = out.toString().lines().toList();
        assertEquals(0, status);
        assertEquals(3, lines.size());
        assertEquals(
                "a", Json.mapper().readTree(lines.get(0)).path("submission").asText());
        JsonNode empty = Json.mapper().readTree(lines.get(2));
        assertTrue(!empty.path("compiled").asBoolean());
        assertTrue(empty.path("diagnostics").toString().contains("holds no source file"), empty.toString());
    }

    @Test
    void pythonIsReadAndRun(@TempDir Path folder) throws Exception {
        Files.writeString(folder.resolve("fees.py"), """
                class ByMetre:
                    def fee(self, metres):
                        return 2 * metres

                class Flat:
                    def fee(self, metres):
                        return 15

                class Office:
                    def __init__(self, rule):
                        self._rule = rule

                    def bill(self, metres):
                        return self._rule.fee(metres)

                print(Office(ByMetre()).bill(4), Office(Flat()).bill(4))
                """);

        assertEquals(0, run("--pattern", "strategy", "--submission", folder.toString(), "--json"), err.toString());

        JsonNode node = Json.mapper().readTree(out.toString());
        assertTrue(node.path("compiled").asBoolean());
        assertEquals("accepted", node.path("verdict").asText());
        assertEquals("[\"Office\"]", node.at("/roles/Context").toString());
        assertEquals(
                "[\"ByMetre\",\"Flat\"]", node.at("/roles/ConcreteStrategy").toString());
        for (JsonNode r : node.path("requirements")) {
            assertTrue(
                    List.of("met", "not-applicable").contains(r.path("status").asText()), r.toString());
        }
        for (JsonNode s : node.path("scenarios")) {
            assertEquals("passed", s.path("status").asText(), s.toString());
        }
    }

    @Test
    void whatCannotBeReadAsPythonIsToldWithItsPlace(@TempDir Path folder) throws Exception {
        Files.writeString(folder.resolve("old.py"), "class Ship:\n    def sail(self):\n        print 'ahoy'\n");

        assertEquals(0, run("--pattern", "strategy", "--submission", folder.toString(), "--json"), err.toString());

        JsonNode node = Json.mapper().readTree(out.toString());
        assertEquals("old.py", node.at("/diagnostics/0/file").asText(), node.toString());
        assertEquals(3, node.at("/diagnostics/0/line").asInt());
        assertTrue(!node.path("compiled").asBoolean());
    }

    @Test
    void anExerciseFileIsReadInstead(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("own.muster");
        Files.writeString(
                file,
                "pattern own \"Own\"\n\"Something.\"\nrole Ship a class\nrole Hull an abstraction\n"
                        + "require hull essential 1 \"{Hull} is one.\"\n  Hull is an abstraction\n");

        assertEquals(
                0, run("--exercise", folder.toString(), "--submission", SAMPLES + "/01-three-rules"), err.toString());
        assertTrue(out.toString().contains("01-three-rules"));

        Files.writeString(file, "pattern own \"Own\"\n\"Something.\"\nroll Ship a class\n");
        assertEquals(2, run("--exercise", file.toString(), "--submission", SAMPLES + "/01-three-rules"));
        assertTrue(
                err.toString().contains("line 3, column 1") && err.toString().contains("Did you mean 'role'?"),
                err.toString());
    }

    @Test
    void badArgumentsEndWithTwoAndSayWhatToDo() {
        assertBad("there is no pattern pilotage", "--pattern", "pilotage", "--submission", SAMPLES);
        assertBad("there is no folder or zip at", "--pattern", "strategy", "--submission", "nowhere");
        assertBad("needs --json", "--pattern", "strategy", "--submissions", SAMPLES);
        assertBad("--jobs takes", "--pattern", "strategy", "--submission", SAMPLES, "--jobs", "0");
        assertBad("sandbox or process", "--pattern", "strategy", "--submission", SAMPLES, "--isolation", "none");
        assertBad("is not a zip", "--pattern", "strategy", "--submission", "pom.xml");
        assertBad("Missing required", "--submission", SAMPLES);
    }

    private void assertBad(String part, String... arguments) {
        err.getBuffer().setLength(0);
        assertEquals(2, run(arguments));
        assertTrue(err.toString().contains(part), err.toString());
    }

    private int run(String... arguments) {
        return new CommandLine(new CheckCommand())
                .setOut(new PrintWriter(out, true))
                .setErr(new PrintWriter(err, true))
                .execute(arguments);
    }
}
