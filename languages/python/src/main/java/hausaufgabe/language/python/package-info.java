/** Python: how its syntax says what the languages have in common, and what is known of its library. */
@NullMarked
package hausaufgabe.language.python;

import org.jspecify.annotations.NullMarked;
