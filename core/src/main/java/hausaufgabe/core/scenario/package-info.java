/** Runs scenarios against whatever the roles are bound to, through a driver that holds the objects. */
package hausaufgabe.core.scenario;
