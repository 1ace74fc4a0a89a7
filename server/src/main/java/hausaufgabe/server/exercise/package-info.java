/** Exercises: brief, pattern, and what is asked. */
package hausaufgabe.server.exercise;
