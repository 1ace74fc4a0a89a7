/** What is kept of one student: taken out for them, or removed at their request while the figures of the course stay. */
package hausaufgabe.server.personal;
