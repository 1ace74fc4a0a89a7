/** What was handed in, and its checks. */
package hausaufgabe.server.submission;
