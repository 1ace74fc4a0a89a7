/** Properties of operations that only several calls together can show. */
@NullMarked
package hausaufgabe.core.scenario.property;

import org.jspecify.annotations.NullMarked;
