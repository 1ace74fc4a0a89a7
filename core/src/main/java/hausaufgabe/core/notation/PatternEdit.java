package hausaufgabe.core.notation;

import hausaufgabe.core.notation.DesignPattern.Condition;

/**
 * One change of a pattern's text, as it is made where the pattern is read as sentences. A place is named as
 * {@link PatternOutline} names it.
 */
public sealed interface PatternEdit {

    /** What a requirement, scenario or run is worth. */
    record Worth(String place, double points) implements PatternEdit {}

    /** Whether the pattern is not there without a requirement. */
    record Essential(String place, boolean essential) implements PatternEdit {}

    /** Whether a requirement must hold or must not. */
    record Forbidden(String place, boolean forbidden) implements PatternEdit {}

    /** The sentence of a requirement. */
    record Wording(String place, String text) implements PatternEdit {}

    /** What a requirement says to try; an empty one is taken away. */
    record Hint(String place, String text) implements PatternEdit {}

    /** @param index of the condition, from 0; one more than there are adds one */
    record Says(String place, int index, Condition condition) implements PatternEdit {}

    /** Takes a condition of a requirement away; the last one stays. */
    record Unsaid(String place, int index) implements PatternEdit {}

    /** Takes away what stands at a place, and every mention of it elsewhere. */
    record Removal(String place) implements PatternEdit {}

    /** Exchanges what stands at a place with the next of its sort, before or after it. */
    record Move(String place, boolean up) implements PatternEdit {}

    /**
     * Writes a step of a scenario or a line of a run anew.
     *
     * @param index of the step, from 0
     */
    record Line(String place, int index, String text) implements PatternEdit {}

    /** @param index before which step a further one is put; as many as there are for the end */
    record LineIn(String place, int index, String text) implements PatternEdit {}

    /** Takes a step away; the last one stays. */
    record LineOut(String place, int index) implements PatternEdit {}

    /** Exchanges a step with the one before or after it. */
    record LineMove(String place, int index, boolean up) implements PatternEdit {}

    /**
     * What running a submission may cost.
     *
     * @param amount the usual takes the line away
     */
    record Limit(RunLimits.Of of, int amount) implements PatternEdit {}

    /** @param block text of a requirement, pitfall, scenario, run or line of values, put behind the last of its sort */
    record Addition(String block) implements PatternEdit {}
}
