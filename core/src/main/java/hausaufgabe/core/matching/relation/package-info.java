/** The relations of the notation, each with its words, its meaning, and how it is judged. */
@NullMarked
package hausaufgabe.core.matching.relation;

import org.jspecify.annotations.NullMarked;
