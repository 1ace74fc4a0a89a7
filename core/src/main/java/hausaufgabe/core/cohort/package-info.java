/** What is said of many submissions together: which stand near to which. */
@NullMarked
package hausaufgabe.core.cohort;

import org.jspecify.annotations.NullMarked;
