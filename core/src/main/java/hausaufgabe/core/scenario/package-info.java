/** Runs the scenarios of a pattern against the roles and members that were found. */
package hausaufgabe.core.scenario;
