/** Reading together: who reads whose work, and what is read twice. */
package hausaufgabe.server.reading;
