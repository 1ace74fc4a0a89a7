package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.report.Sentence;

/** What came of the calls of one step. */
final class Attempts {
    int made;
    int returned;
    /** How many were refused by the program: it threw something of its own. */
    int refused;
    /** What was refused first, with the line that did so; null where nothing was. */
    String refusal;
    /** Why one did not come to its end; null where all did. */
    String problem;
    /** How the first one ended that brought the runtime down; null where none did. */
    Sentence collapse;
}
