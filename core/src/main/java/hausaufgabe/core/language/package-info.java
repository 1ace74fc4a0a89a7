/** The seam to the languages: what a language brings, what its reader is given and what it gives back. */
@NullMarked
package hausaufgabe.core.language;

import org.jspecify.annotations.NullMarked;
