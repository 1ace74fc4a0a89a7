/** Measures speed on this machine: reading and matching, whole checks, a large grade sheet. */
package hausaufgabe.bench;
