/** How the points of a course's exercises come to one grade: parts with their weights, and the scale that grades are read off. */
@NullMarked
package hausaufgabe.core.grading;

import org.jspecify.annotations.NullMarked;
