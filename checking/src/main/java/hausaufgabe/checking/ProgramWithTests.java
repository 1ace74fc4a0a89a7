package hausaufgabe.checking;

import hausaufgabe.core.driver.Program;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A program of which tests that come with the exercise say which values it takes: what they mention is worth trying before
 * what its own code does.
 *
 * @param texts that the tests mention, in order
 * @param numbers that the tests mention, in order
 */
record ProgramWithTests(Program program, List<String> texts, List<String> numbers) implements Program {

    /** @param tests the program together with the tests */
    static Program of(Program program, Program tests, List<String> classes) {
        return new ProgramWithTests(
                program,
                classes.stream()
                        .flatMap(c -> tests.texts(c).stream())
                        .distinct()
                        .toList(),
                classes.stream()
                        .flatMap(c -> tests.numbers(c).stream())
                        .distinct()
                        .toList());
    }

    @Override
    public Map<String, byte[]> parts() {
        return program.parts();
    }

    @Override
    public String tracer() {
        return program.tracer();
    }

    @Override
    public Optional<Part> doubleOf(String type) {
        return program.doubleOf(type);
    }

    @Override
    public Optional<Part> doubleOfLibrary(String type) {
        return program.doubleOfLibrary(type);
    }

    @Override
    public List<String> texts(String type) {
        return program.texts(type);
    }

    @Override
    public List<String> numbers(String type) {
        return Stream.concat(numbers.stream(), program.numbers(type).stream())
                .distinct()
                .toList();
    }

    /** What a test hands over has the shape that is asked for. */
    @Override
    public List<String> shapedTexts(String type) {
        return Stream.concat(texts.stream(), program.shapedTexts(type).stream())
                .distinct()
                .toList();
    }
}
