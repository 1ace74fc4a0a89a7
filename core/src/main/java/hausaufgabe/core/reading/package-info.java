/** The seam to the languages: what a reader is given and what it gives back. */
package hausaufgabe.core.reading;
