/** The command line. */
package hausaufgabe.checking.command;
