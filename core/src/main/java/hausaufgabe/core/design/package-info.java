/** What is known about a program, whatever language it was written in: types, fields, operations, and facts in bodies. */
package hausaufgabe.core.design;
