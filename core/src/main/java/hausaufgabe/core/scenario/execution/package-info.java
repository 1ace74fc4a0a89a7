/** What every kind of step needs: the environment, objects of roles, calls, and results of steps. */
package hausaufgabe.core.scenario.execution;
