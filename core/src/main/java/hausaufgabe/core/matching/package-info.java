/** Finds who plays which role, and judges what a pattern asks of them. A function of pattern, design and pins. */
@NullMarked
package hausaufgabe.core.matching;

import org.jspecify.annotations.NullMarked;
