/** Student code in a process of its own, cut off from the machine. */
package hausaufgabe.checking.sandbox;
