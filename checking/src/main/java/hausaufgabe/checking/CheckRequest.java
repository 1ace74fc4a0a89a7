package hausaufgabe.checking;

import hausaufgabe.core.reading.SourceFile;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import java.util.List;
import java.util.Map;

/**
 * One check to be made, as data.
 *
 * @param pattern text of the pattern, in the notation
 * @param remarks what was noticed when the sources were unpacked, to be kept in the report
 * @param pins role names to type names that a person has fixed; may be empty
 * @param structureOnly whether to leave the scenarios out
 * @param isolation how the student's program is run
 */
public record CheckRequest(
        String pattern,
        List<SourceFile> sources,
        List<Diagnostic> remarks,
        Map<String, String> pins,
        boolean structureOnly,
        Isolation isolation) {

    /** {@code PROCESS} is the unsafe one: a process of its own, and nothing to hold it. */
    public enum Isolation {
        SANDBOX,
        PROCESS
    }
}
