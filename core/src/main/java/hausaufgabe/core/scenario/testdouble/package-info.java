/** Objects that stand in for a program's own abstractions. */
package hausaufgabe.core.scenario.testdouble;
