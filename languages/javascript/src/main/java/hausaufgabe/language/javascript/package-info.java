/** JavaScript and TypeScript: reading their programs, and making them ready to be run. */
@NullMarked
package hausaufgabe.language.javascript;

import org.jspecify.annotations.NullMarked;
