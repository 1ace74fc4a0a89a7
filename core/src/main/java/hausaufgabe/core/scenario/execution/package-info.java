/** What every kind of step needs: the environment, objects of roles, calls, and results of steps. */
@NullMarked
package hausaufgabe.core.scenario.execution;

import org.jspecify.annotations.NullMarked;
