package hausaufgabe.checking.command;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import picocli.CommandLine;

@Tag("slow")
class ExerciseCommandTest {

    private static final Path SAMPLES = Path.of("../samples/strategy");

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String... arguments) {
        CommandLine line = CommandMain.line();
        line.setOut(new PrintWriter(out, true));
        line.setErr(new PrintWriter(err, true));
        return line.execute(arguments);
    }

    private static void copy(Path from, Path to) throws IOException {
        try (Stream<Path> all = Files.walk(from)) {
            for (Path p : all.filter(Files::isRegularFile).toList()) {
                Path target = to.resolve(from.relativize(p).toString());
                Files.createDirectories(target.getParent());
                Files.copy(p, target);
            }
        }
    }

    @Test
    void anExerciseIsBegunProvenPackedAndCheckedWith(@TempDir Path folder) throws Exception {
        Path berths = folder.resolve("berths");

        assertEquals(0, run("exercise", "new", berths.toString(), "--title", "What a berth costs"), err.toString());
        assertEquals(2, run("exercise", "new", berths.toString()), "not into a folder that holds something");

        copy(SAMPLES.resolve("01-three-rules"), berths.resolve("solutions/reference"));
        copy(SAMPLES.resolve("20-switch-stayed"), berths.resolve("wrong/switch-stayed"));
        Files.writeString(berths.resolve("exercise.yaml"), """
                title: What a berth costs
                wrong: {switch-stayed: [switch]}
                """);
        assertEquals(0, run("exercise", "check", berths.toString()), out.toString());
        assertTrue(out.toString().contains("2 of 2 solutions are judged as they must be"), out.toString());

        Path zip = folder.resolve("berths.zip");
        assertEquals(0, run("exercise", "pack", berths.toString()));
        String sample = SAMPLES.resolve("01-three-rules").toString();
        assertEquals(0, run("check", "--exercise", zip.toString(), "--submission", sample, "--json"), err.toString());
        assertTrue(out.toString().contains("\"verdict\":\"accepted\""));
    }

    @Test
    void aWrongSolutionThatIsAcceptedIsTold(@TempDir Path folder) throws Exception {
        run("exercise", "new", folder.toString());
        copy(SAMPLES.resolve("01-three-rules"), folder.resolve("wrong/right-after-all"));

        assertEquals(3, run("exercise", "check", folder.toString()));
        assertTrue(
                out.toString().contains("OTHERWISE  wrong/right-after-all  must be faulted: accepted"), out.toString());
    }

    @Test
    void whatCannotBeOpenedIsToldAndNothingIsRun(@TempDir Path folder) throws Exception {
        run("exercise", "new", folder.toString());
        Files.writeString(folder.resolve("exercise.yaml"), "title: T\ndue: soon\n");

        assertEquals(2, run("exercise", "check", folder.toString()));
        assertTrue(out.toString().contains("exercise.yaml, line 2"), out.toString());
        assertEquals(2, run("exercise", "pack", folder.toString()));
        assertEquals(2, run("check", "--exercise", folder.toString(), "--submission", SAMPLES + "/01-three-rules"));
        assertTrue(err.toString().contains("is a day and an hour such as"), err.toString());
    }

    @Test
    void aNameThatTheBriefFixesIsAskedFor(@TempDir Path folder) throws Exception {
        run("exercise", "new", folder.toString());
        Files.writeString(folder.resolve("exercise.yaml"), "title: T\nnames: {Strategy: BerthFee}\n");

        int status = run(
                "check", "--exercise", folder.toString(), "--submission", SAMPLES + "/02-gebuehren-setter", "--json");

        assertEquals(0, status, err.toString());
        assertTrue(out.toString().contains("the exercise asks for a type named BerthFee as Strategy"), out.toString());
    }
}
