package hausaufgabe.core.report;

import org.jspecify.annotations.Nullable;

/**
 * A number that says something about the state of code, counted in the whole of it.
 *
 * @param name what is counted
 * @param before in the code that was handed out; null where there was none
 * @param after in the submission
 */
public record HealthFact(String name, @Nullable Integer before, int after) {}
