/** Objects that stand in for a program's own abstractions. */
@NullMarked
package hausaufgabe.core.scenario.testdouble;

import org.jspecify.annotations.NullMarked;
