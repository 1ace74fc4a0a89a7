package hausaufgabe.server;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import hausaufgabe.checking.Check;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.checking.exercise.ExerciseFiles;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.checking.exercise.Problem;
import hausaufgabe.checking.exercise.Solution;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.core.report.Status;
import hausaufgabe.language.java.JavaLanguage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The exercises of Nordhafen can be opened as they lie, and what reads their solutions sees in them what it must. */
class DemoExercisesTest {

    static Stream<Path> exercises() throws IOException {
        return Files.list(Path.of("../exercises")).sorted();
    }

    @ParameterizedTest
    @MethodSource("exercises")
    void anExerciseIsWholeAndItsReferenceHolds(Path folder) throws Exception {
        ExerciseFolder exercise = ExerciseFiles.read(folder);

        assertEquals(List.of(), exercise.problems().stream().map(Problem::said).toList());
        assertTrue(exercise.brief().length() > 200, "a brief");
        assertTrue(exercise.solutions().stream().anyMatch(Solution::isRight), "a reference");
        assertTrue(exercise.solutions().size() >= 4, "three wrong ones");
        assertEquals(exercise, ExerciseFiles.unpack("zip", ExerciseFiles.pack(exercise)));
        Check check = new Check(
                new JavaLanguage(),
                isolation -> {
                    throw new IllegalStateException("nothing is run in this test");
                },
                List.of());
        for (Solution s : exercise.solutions()) {
            CheckReport report = check.run(
                    exercise.check(new Upload(s.sources(), List.of()), true, CheckRequest.Isolation.SANDBOX),
                    step -> {});
            List<String> unmet = report.findings().stream()
                    .filter(f -> f.status() == Status.UNMET || f.status() == Status.PARTLY)
                    .map(f -> f.id())
                    .toList();
            assertTrue(
                    s.isRight() ? unmet.isEmpty() : !unmet.isEmpty() || caughtWhenRun(s, exercise), s.name() + unmet);
        }
    }

    /** Whether the wrong solution is to be caught by running it, which the command that proves exercises does. */
    private static boolean caughtWhenRun(Solution s, ExerciseFolder exercise) {
        return s.caughtBy().stream()
                .anyMatch(c -> exercise.patterns().patterns().stream()
                        .flatMap(p -> p.scenarios().stream())
                        .anyMatch(x -> x.name().equals(c)));
    }
}
