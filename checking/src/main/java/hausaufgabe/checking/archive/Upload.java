package hausaufgabe.checking.archive;

import hausaufgabe.core.language.SourceFile;
import hausaufgabe.core.report.CheckReport.Diagnostic;
import java.util.List;

/**
 * The sources found in an upload.
 *
 * @param sources in the order of their paths
 * @param remarks what a person should know about how they were read
 */
public record Upload(List<SourceFile> sources, List<Diagnostic> remarks) {}
