/** Reads Java sources into a design and class files, through the JDK's own compiler. */
package hausaufgabe.language.java;
