/** The course and its students. */
package hausaufgabe.server.course;
