/** The seam to a running program: what is asked of the process that holds a submission's objects, and what it answers. */
package hausaufgabe.core.driver;
