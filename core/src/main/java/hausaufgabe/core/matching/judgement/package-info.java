/** What was found when something was asked of a design, and how it is said. */
@NullMarked
package hausaufgabe.core.matching.judgement;

import org.jspecify.annotations.NullMarked;
