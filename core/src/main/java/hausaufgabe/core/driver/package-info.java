/** The seam to a running program: what is asked of the process that holds a submission's objects, and what it answers. */
@NullMarked
package hausaufgabe.core.driver;

import org.jspecify.annotations.NullMarked;
