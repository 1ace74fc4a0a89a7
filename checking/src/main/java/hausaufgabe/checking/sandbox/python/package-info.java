/** Python programs in driven processes: the interpreter and the driver's files. */
package hausaufgabe.checking.sandbox.python;
