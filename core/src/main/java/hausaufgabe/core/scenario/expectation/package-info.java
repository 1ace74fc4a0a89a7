/** Expectations about calls, values, state, output and errors after a step. */
package hausaufgabe.core.scenario.expectation;
