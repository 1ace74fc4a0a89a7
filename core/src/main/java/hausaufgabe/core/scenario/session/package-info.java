/** One driver during one scenario, and the calls that were heard. */
@NullMarked
package hausaufgabe.core.scenario.session;

import org.jspecify.annotations.NullMarked;
