/** Handing in by git: a repository for each student and exercise, and what a push comes to. */
package hausaufgabe.server.git;
