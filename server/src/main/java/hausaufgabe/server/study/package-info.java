/** A student's own pages: what is set, handing in, receipts, and findings as far as the exercise shows them. */
package hausaufgabe.server.study;
