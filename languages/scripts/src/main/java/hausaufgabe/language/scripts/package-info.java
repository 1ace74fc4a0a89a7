/**
 * What languages share whose programs are read without a toolchain and mostly say no types: a tree of what every one of them can say,
 * names and scopes, what may stand where, and the facts of a design. A language is a translation into that tree, and a table.
 */
@NullMarked
package hausaufgabe.language.scripts;

import org.jspecify.annotations.NullMarked;
