package hausaufgabe.core.language;

import hausaufgabe.core.design.Design;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import java.util.List;
import java.util.Map;

/**
 * What a reader made of sources.
 *
 * @param design what could be read, also where not all of it compiles
 * @param compiled whether there was no error
 * @param diagnostics errors, and remarks on what was left out
 * @param program the compiled program by name of its parts; empty when it did not compile
 */
public record Reading(Design design, boolean compiled, List<Diagnostic> diagnostics, Map<String, byte[]> program) {}
