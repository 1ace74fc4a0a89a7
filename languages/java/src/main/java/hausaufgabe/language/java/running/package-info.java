/** Makes a compiled program ready to be run: its operations tell when they are entered, and doubles realise its abstractions. */
package hausaufgabe.language.java.running;
