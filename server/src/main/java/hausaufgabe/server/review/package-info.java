/** What people make of a check: points, reasons, feedback, and the history of all of it. */
package hausaufgabe.server.review;
