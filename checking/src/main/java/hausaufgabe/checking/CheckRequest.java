package hausaufgabe.checking;

import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * One check to be made, as data.
 *
 * @param pattern text of the pattern, in the notation
 * @param starter the code that was handed out, for what is compared with it; empty where there was none
 * @param tests test classes that come with the exercise; empty where there are none
 * @param remarks what was noticed when the sources were unpacked, to be kept in the report
 * @param pins role names to names of types, or their ids, that a person has fixed; may be empty
 * @param structureOnly whether to leave the scenarios out
 * @param isolation how the student's program is run
 * @param anew whether it is to be made even if it was made before
 */
public record CheckRequest(
        String pattern,
        List<SourceFile> sources,
        List<SourceFile> starter,
        List<SourceFile> tests,
        List<Diagnostic> remarks,
        Map<String, List<String>> pins,
        boolean structureOnly,
        Isolation isolation,
        boolean anew) {

    /** A check that may be answered from one made before. */
    public CheckRequest(
            String pattern,
            List<SourceFile> sources,
            List<SourceFile> starter,
            List<SourceFile> tests,
            List<Diagnostic> remarks,
            Map<String, List<String>> pins,
            boolean structureOnly,
            Isolation isolation) {
        this(pattern, sources, starter, tests, remarks, pins, structureOnly, isolation, false);
    }

    /** The same check, to be made anew or not. */
    public CheckRequest again(boolean anew) {
        return new CheckRequest(pattern, sources, starter, tests, remarks, pins, structureOnly, isolation, anew);
    }

    /** The same check with roles that a person has given in this submission; those that the exercise fixes give way. */
    public CheckRequest pinned(Map<String, List<String>> roles) {
        Map<String, List<String>> all = new TreeMap<>(pins);
        all.putAll(roles);
        return new CheckRequest(pattern, sources, starter, tests, remarks, all, structureOnly, isolation, anew);
    }

    /** Pins as an exercise fixes them: one name for each role. */
    public static Map<String, List<String>> pins(Map<String, String> names) {
        Map<String, List<String>> pins = new TreeMap<>();
        names.forEach((role, name) -> pins.put(role, List.of(name)));
        return pins;
    }

    /** A check where nothing was handed out and no tests are given. */
    public CheckRequest(
            String pattern,
            List<SourceFile> sources,
            List<Diagnostic> remarks,
            Map<String, List<String>> pins,
            boolean structureOnly,
            Isolation isolation) {
        this(pattern, sources, List.of(), List.of(), remarks, pins, structureOnly, isolation);
    }

    /** {@code PROCESS} is the unsafe one: a process of its own, and nothing to hold it. */
    public enum Isolation {
        SANDBOX,
        PROCESS
    }
}
