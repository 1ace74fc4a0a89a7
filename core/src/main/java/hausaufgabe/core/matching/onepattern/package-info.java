/** Analyses that serve one pattern only: singleton, builder, visitor, observer and strategy. */
package hausaufgabe.core.matching.onepattern;
