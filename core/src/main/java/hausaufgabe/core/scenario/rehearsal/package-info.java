/** The program run as its own demonstration shows it, and what that says of valid values and orders of calls. */
@NullMarked
package hausaufgabe.core.scenario.rehearsal;

import org.jspecify.annotations.NullMarked;
