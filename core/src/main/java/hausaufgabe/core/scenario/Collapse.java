package hausaufgabe.core.scenario;

import hausaufgabe.core.scenario.Driver.Thrown;
import java.util.Optional;

/** Errors of the runtime itself that only the program can have brought about: they refuse nothing. */
final class Collapse {

    private Collapse() {}

    /** What happened, in plain words; nothing where the program threw something itself. */
    static Optional<String> said(Thrown thrown) {
        String at = thrown.at() == null || thrown.at().isEmpty() ? "" : " (" + thrown.at() + ")";
        return switch (thrown.type()) {
            case "java.lang.StackOverflowError" -> Optional.of("called itself again and again without end" + at);
            case "java.lang.OutOfMemoryError" ->
                Optional.of(
                        String.valueOf(thrown.message()).contains("thread")
                                ? "started more threads than it may" + at
                                : "used up all the memory it may" + at);
            default -> Optional.empty();
        };
    }

    static boolean is(Thrown thrown) {
        return said(thrown).isPresent();
    }
}
