/** The server: accounts, courses, exercises, submissions, reviews and grades over HTTP. */
package hausaufgabe.server;
