package hausaufgabe.core.scenario.execution;

import hausaufgabe.core.report.Sentence;
import hausaufgabe.core.scenario.transcript.Transcript;

/** What a step of a scenario came to. All but {@link Held} end the scenario. */
public sealed interface StepResult {

    StepResult HELD = new Held();

    /** It was done, and what it expects is so. */
    record Held() implements StepResult {}

    /** What it expects is not so. */
    record Failed(Sentence why) implements StepResult {}

    /** It could not be done. */
    record Blocked(Sentence why, Hindrance by) implements StepResult {}

    /** What kept a step from being done. */
    enum Hindrance {
        /** No values, objects or order were found with which it could be. */
        NOTHING_FOUND,
        /** The program refused what was called, with all values that were tried. */
        REFUSED,
        /** Everything was done, and only what was to be heard was not, though the code has a way to it. */
        UNHEARD,
        /** A type takes nothing of what is to be handed over, in no constructor or operation. */
        TAKES_NOTHING
    }

    /** It turned out to have nothing to show. */
    record NothingToShow(Sentence why) implements StepResult {}

    static StepResult failed(Object... parts) {
        return new Failed(Transcript.say(parts));
    }

    static StepResult blocked(Object... parts) {
        return new Blocked(Transcript.say(parts), Hindrance.NOTHING_FOUND);
    }

    static StepResult refused(Object... parts) {
        return new Blocked(Transcript.say(parts), Hindrance.REFUSED);
    }

    static StepResult unheard(Object... parts) {
        return new Blocked(Transcript.say(parts), Hindrance.UNHEARD);
    }

    static StepResult takesNothing(Object... parts) {
        return new Blocked(Transcript.say(parts), Hindrance.TAKES_NOTHING);
    }

    static StepResult nothingToShow(Object... parts) {
        return new NothingToShow(Transcript.say(parts));
    }

    default boolean isHeld() {
        return this instanceof Held;
    }
}
