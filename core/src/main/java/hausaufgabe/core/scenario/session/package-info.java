/** One driver during one scenario, and the calls that were heard. */
package hausaufgabe.core.scenario.session;
