/** Measuring how long reading and matching take, on programs made for it. */
package hausaufgabe.checking.bench;
