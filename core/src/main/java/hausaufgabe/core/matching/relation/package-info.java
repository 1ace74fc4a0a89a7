/** The relations of the notation, each with its words, its meaning, and how it is judged. */
package hausaufgabe.core.matching.relation;
