/** What is known about a program, whatever language it was written in: types, fields, operations, and facts in bodies. */
@NullMarked
package hausaufgabe.core.design;

import org.jspecify.annotations.NullMarked;
