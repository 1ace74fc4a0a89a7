/** Expectations about calls, values, state, output and errors after a step. */
@NullMarked
package hausaufgabe.core.scenario.expectation;

import org.jspecify.annotations.NullMarked;
