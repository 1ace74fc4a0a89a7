package hausaufgabe.server.exercise;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.checking.exercise.ExerciseFolder;
import hausaufgabe.checking.exercise.Proof;
import hausaufgabe.checking.exercise.SettingsException;
import hausaufgabe.checking.exercise.Solution;
import hausaufgabe.core.notation.NotationException;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Problem;
import java.util.List;
import java.util.concurrent.CompletionException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Service;

/** Has solutions that lie in an exercise judged by the exercise as it is written. Nothing of it is kept. */
@Service
class Trials {

    private final CheckDispatcher dispatcher;
    private final CheckRequest.Isolation isolation;

    Trials(CheckDispatcher dispatcher, @Value("${hausaufgabe.isolation}") CheckRequest.Isolation isolation) {
        this.dispatcher = dispatcher;
        this.isolation = isolation;
    }

    /** @param solution path of its folder */
    record Trial(String solution, boolean right, Proof proof, CheckReport report) {}

    /** @param path of the solution's folder, such as {@code solutions/reference} */
    Trial run(ExerciseFolder exercise, String path) {
        Solution solution = exercise.solutions().stream()
                .filter(s -> ((s.isRight() ? ExerciseFolder.SOLUTIONS : ExerciseFolder.WRONG) + s.name()).equals(path))
                .findFirst()
                .orElseThrow(() -> Problem.notFound("There is no such solution in the exercise any more."));
        try {
            CheckRequest request = exercise.check(new Upload(solution.sources(), List.of()), false, isolation);
            exercise.patterns();
            CheckReport report = dispatcher.submit(request, step -> {}).join();
            return new Trial(path, solution.isRight(), Proof.of(solution, report), report);
        } catch (NotationException | SettingsException e) {
            throw Problem.conflict("The exercise cannot be tried as it is written: " + e.getMessage());
        } catch (CompletionException e) {
            if (e.getCause() instanceof CheckFailed failed) {
                throw Problem.conflict(failed.getMessage());
            }
            throw e;
        }
    }
}
