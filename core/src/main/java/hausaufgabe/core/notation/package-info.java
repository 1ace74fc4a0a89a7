/** The pattern and scenario language: what it can say, and reading it from text with messages a person can act on. */
@NullMarked
package hausaufgabe.core.notation;

import org.jspecify.annotations.NullMarked;
