/** Runs of a program as a whole, and tests that come with an exercise. */
@NullMarked
package hausaufgabe.core.scenario.wholerun;

import org.jspecify.annotations.NullMarked;
