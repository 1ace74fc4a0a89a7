package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.report.Sentence;
import org.jspecify.annotations.Nullable;

/** What came of the calls of one step. */
final class Attempts {
    int made;
    int returned;
    /** How many came back that were made as the program's demonstration makes them. */
    int replayed;
    /** How many were refused by the program: it threw something of its own. */
    int refused;
    /** What was refused first, with the line that did so; null where nothing was. */
    @Nullable
    String refusal;
    /** Why one did not come to its end; null where all did. */
    @Nullable
    String problem;
    /** How the first one ended that brought the runtime down; null where none did. */
    @Nullable
    Sentence collapse;
}
