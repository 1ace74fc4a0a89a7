/** The grade sheet, read from reviews. */
package hausaufgabe.server.grade;
