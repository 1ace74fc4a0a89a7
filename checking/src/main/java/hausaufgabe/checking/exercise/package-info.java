/** An exercise as a folder: settings, brief, pattern, what is handed out, and solutions to prove it with. */
package hausaufgabe.checking.exercise;
