/** What an exercise says beside its brief and its pattern: when it is due, how lateness counts, what may be handed in. */
@NullMarked
package hausaufgabe.core.exercise;

import org.jspecify.annotations.NullMarked;
