package hausaufgabe.server.exercise;

import hausaufgabe.checking.CheckDispatcher;
import hausaufgabe.checking.CheckFailed;
import hausaufgabe.checking.CheckRequest;
import hausaufgabe.checking.archive.Upload;
import hausaufgabe.checking.exercise.Solution;
import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport;
import hausaufgabe.server.Problem;
import java.util.List;
import java.util.concurrent.CompletionException;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What an exercise itself brings for comparison with a submission: the code handed out, and solutions that are right. */
@RestController
@RequestMapping("/api/exercises/{exercise}/models")
class ModelController {

    private static final String STARTER = "starter";

    private final Exercises exercises;
    private final CheckDispatcher dispatcher;
    private final CheckRequest.Isolation isolation;

    ModelController(
            Exercises exercises,
            CheckDispatcher dispatcher,
            @Value("${hausaufgabe.isolation}") CheckRequest.Isolation isolation) {
        this.exercises = exercises;
        this.dispatcher = dispatcher;
        this.isolation = isolation;
    }

    /** @param id {@code starter}, or {@code solution-} with the name of a right solution */
    record ModelName(String id, String title) {}

    record ModelSource(String path, String text) {}

    /** A model with what its check finds. */
    record ModelView(String id, String title, CheckReport report, List<ModelSource> sources) {}

    /** The model solutions of an exercise. */
    @GetMapping
    List<ModelName> names(@PathVariable long exercise) {
        return models(exercise).map(Model::name).toList();
    }

    /** Checked anew by the version in force, unless that was done of late. */
    @GetMapping("/{model}")
    ModelView one(@PathVariable long exercise, @PathVariable String model) {
        Model m = models(exercise)
                .filter(x -> x.name().id().equals(model))
                .findFirst()
                .orElseThrow(() -> Problem.notFound("The exercise has no such model any more."));
        try {
            CheckReport report = dispatcher
                    .submit(exercises.opened(exercise).check(new Upload(m.sources(), List.of()), isolation), step -> {})
                    .join();
            return new ModelView(
                    m.name().id(),
                    m.name().title(),
                    report,
                    m.sources().stream()
                            .map(f -> new ModelSource(f.path(), f.text()))
                            .toList());
        } catch (CompletionException e) {
            if (e.getCause() instanceof CheckFailed failed) {
                throw Problem.conflict(failed.getMessage());
            }
            throw e;
        }
    }

    private record Model(ModelName name, List<SourceFile> sources) {}

    private Stream<Model> models(long exercise) {
        Exercises.Version version = exercises.opened(exercise);
        List<SourceFile> starter = version.folder().starter();
        Stream<Model> handedOut = starter.isEmpty()
                ? Stream.empty()
                : Stream.of(new Model(new ModelName(STARTER, "Code handed out"), starter));
        return Stream.concat(
                handedOut,
                version.folder().solutions().stream()
                        .filter(Solution::isRight)
                        .map(s ->
                                new Model(new ModelName("solution-" + s.name(), "Solution " + s.name()), s.sources())));
    }
}
