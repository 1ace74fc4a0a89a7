/** Loads a program, makes and calls its objects, listens to them, and tells what came back. */
package hausaufgabe.driver;
