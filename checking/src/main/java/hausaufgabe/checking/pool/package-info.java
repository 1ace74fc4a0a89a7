/** Checker processes, and handing checks to them. */
package hausaufgabe.checking.pool;
