package hausaufgabe.core.report;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * Everything one check found out about one submission.
 *
 * @param pattern id of the pattern checked for
 * @param compiled whether the sources compiled
 * @param diagnostics what the compiler or the reader had to say
 * @param form the pattern's form the submission comes nearest to; null when no role was found
 * @param roles names of types by role, every role present
 * @param members names of operations by member, every listed member present
 * @param places where the types of each role are declared
 * @param ambiguous whether other types would fit the roles as well
 * @param alternatives those other bindings, said in words
 * @param near types that might have played a role, and what speaks against them
 * @param instances further instances of the pattern in the same submission, said in words
 * @param demonstration what the program does when it is started; null where it cannot be started, or nothing was run
 * @param health what can be counted in the code, before and after where code was handed out
 * @param diagram the submission as a class diagram; null in reports kept from before there was one
 * @param print a mark that programs share which are equal but for their names; null where too little is its own
 * @param remarks what is worth saying and does not count
 */
public record CheckReport(
        String pattern,
        boolean compiled,
        List<Diagnostic> diagnostics,
        Verdict verdict,
        @Nullable String form,
        Map<String, List<String>> roles,
        Map<String, List<String>> members,
        Map<String, List<Evidence>> places,
        boolean ambiguous,
        List<String> alternatives,
        List<NearMatch> near,
        List<String> instances,
        List<Finding> findings,
        List<Finding> remarks,
        List<ScenarioResult> scenarios,
        @Nullable Demonstration demonstration,
        List<HealthFact> health,
        @Nullable ClassDiagram diagram,
        @Nullable String print,
        Points points,
        Timing timing) {

    public CheckReport {
        // reports kept from before there were these
        near = near == null ? List.of() : near;
        instances = instances == null ? List.of() : instances;
        remarks = remarks == null ? List.of() : remarks;
        health = health == null ? List.of() : health;
    }

    /** @param line from 1; 0 where the message is about the whole file or submission */
    public record Diagnostic(String file, int line, String message) {}

    public record Points(double earned, double possible) {}

    /** In milliseconds. */
    public record Timing(long read, long match, long run, long total) {}

    /** The whole, in one word. */
    public enum Verdict {
        ACCEPTED("accepted"),
        FAULTED("faulted"),
        UNDECIDED("undecided");

        private final String word;

        Verdict(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }
}
