/** Points and verdicts worked out from findings and scenario results. */
@NullMarked
package hausaufgabe.core.marking;

import org.jspecify.annotations.NullMarked;
