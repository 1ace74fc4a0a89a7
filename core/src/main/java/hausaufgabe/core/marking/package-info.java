/** Points and verdicts worked out from findings and scenario results. */
package hausaufgabe.core.marking;
