/** Values that are tried on programs, whatever language they are written in. */
package hausaufgabe.language.values;
