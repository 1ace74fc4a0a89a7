/** Runs of a program as a whole, and tests that come with an exercise. */
package hausaufgabe.core.scenario.wholerun;
