package hausaufgabe.checking;

import hausaufgabe.core.report.CheckReport.Diagnostic;
import java.util.List;

/**
 * What a reader finds in sources, without looking for any pattern.
 *
 * @param types those that have a name, in the order of their files and lines
 * @param problems why they do not compile; empty where they do
 */
public record ProgramOutline(List<DeclaredType> types, List<Diagnostic> problems) {

    /**
     * A type that the sources declare.
     *
     * @param kind in the words of its language, such as "interface"
     */
    public record DeclaredType(String name, String kind, String file, int line) {}
}
