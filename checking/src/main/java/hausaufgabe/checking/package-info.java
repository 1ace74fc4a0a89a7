/** One check from start to end: read, match, compile, isolate, drive, report. */
package hausaufgabe.checking;
