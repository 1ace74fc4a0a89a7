/** The seam to the languages: what a language brings, what its reader is given and what it gives back. */
package hausaufgabe.core.language;
