/** What was done in a scenario, for people to read: line by line, and as a sequence of calls. */
@NullMarked
package hausaufgabe.core.scenario.transcript;

import org.jspecify.annotations.NullMarked;
