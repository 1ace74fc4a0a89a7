package hausaufgabe.checking.exercise;

import hausaufgabe.core.language.SourceFile;
import java.util.List;

/**
 * A solution that lies in an exercise to prove it with.
 *
 * @param name of its folder
 * @param isRight whether it must be accepted; a wrong one must be faulted
 * @param caughtBy for a wrong one the ids of requirements and names of scenarios that are to catch it; empty for any
 */
public record Solution(String name, boolean isRight, List<String> caughtBy, List<SourceFile> sources) {}
