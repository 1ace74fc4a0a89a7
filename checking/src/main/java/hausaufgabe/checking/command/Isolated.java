package hausaufgabe.checking.command;

import hausaufgabe.checking.CheckRequest;
import java.util.Optional;

/** The two words by which a command says how programs are run. */
final class Isolated {

    private Isolated() {}

    /** Empty for another word. */
    static Optional<CheckRequest.Isolation> of(String word) {
        return switch (word) {
            case "sandbox" -> Optional.of(CheckRequest.Isolation.SANDBOX);
            case "process" -> Optional.of(CheckRequest.Isolation.PROCESS);
            default -> Optional.empty();
        };
    }
}
