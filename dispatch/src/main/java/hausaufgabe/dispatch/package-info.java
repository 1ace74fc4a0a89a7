/** The queue of checks between machines: a broker, what puts checks into it, and workers that take them out. */
package hausaufgabe.dispatch;
