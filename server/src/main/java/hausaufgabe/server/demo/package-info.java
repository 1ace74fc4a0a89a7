/** The demonstration: a harbour school with a course, students and submissions. */
package hausaufgabe.server.demo;
