/** Values for what a scenario does not name: made by type, or taken from what is to be handed over. */
@NullMarked
package hausaufgabe.core.scenario.value;

import org.jspecify.annotations.NullMarked;
