/** Runs the scenarios of a pattern against the roles and members that were found. */
@NullMarked
package hausaufgabe.core.scenario;

import org.jspecify.annotations.NullMarked;
