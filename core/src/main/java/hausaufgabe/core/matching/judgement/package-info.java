/** What was found when something was asked of a design, and how it is said. */
package hausaufgabe.core.matching.judgement;
