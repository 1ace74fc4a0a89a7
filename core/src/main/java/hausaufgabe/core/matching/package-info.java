/** Finds who plays which role, and judges what a pattern asks of them. A function of pattern, design and pins. */
package hausaufgabe.core.matching;
