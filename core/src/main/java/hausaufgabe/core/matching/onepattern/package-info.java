/** Analyses that serve one pattern only: singleton, builder, visitor, observer and strategy. */
@NullMarked
package hausaufgabe.core.matching.onepattern;

import org.jspecify.annotations.NullMarked;
